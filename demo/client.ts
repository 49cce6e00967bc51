import type { Endpoint, PathParameter } from '#contract/endpoint';

/** Talks to a running server as a browser would: by the contract, with its cookie. */
export class DemoClient {
  readonly #address: string;
  #cookie = '';

  constructor(address: string) {
    this.#address = address;
  }

  /** @throws Error with the server's own words where it refuses */
  async call<Path extends string, Body, Reply>(
    endpoint: Endpoint<Path, Body, Reply>,
    params: Readonly<Record<PathParameter<Path>, string>>,
    body?: Body,
  ): Promise<Reply> {
    const values = params as Readonly<Record<string, string>>;
    const path = endpoint.path.replace(/:(\w+)/g, (_, name: string) => values[name] ?? '');
    const response = await fetch(this.#address + path, {
      method: endpoint.method,
      headers: { 'Content-Type': 'application/json', Cookie: this.#cookie },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const cookie = response.headers.get('set-cookie');
    if (cookie) this.#cookie = cookie.split(';')[0] ?? '';
    if (!response.ok) throw new Error(`${endpoint.method} ${path}: ${await response.text()}`);
    return (await response.json()) as Reply;
  }
}
