import type { RecordedDeed } from './recordedDeeds.ts';
import type { Schema } from './schema.ts';

/** The names of the `:parameters` of a path. */
export type PathParameter<Path extends string> =
  Path extends `${string}:${infer Name}/${infer Rest}`
    ? Name | PathParameter<`/${Rest}`>
    : Path extends `${string}:${infer Name}.${infer Rest}`
      ? Name | PathParameter<`.${Rest}`>
      : Path extends `${string}:${infer Name}`
        ? Name
        : never;

/**
 * Who may call. `public`: whoever reaches the server. `seat`: whoever has the token of a seat, which is in the path, and
 * that seat only. `helper`: helpers and the instructor. `instructor`: nobody else.
 */
export type Access = 'public' | 'seat' | 'helper' | 'instructor';

/** How large a body may be; a parts list of 1 MB grows when it is written as JSON, a kit’s pictures and a backup as base64. */
export const bodyBytes = {
  small: 256 * 1024,
  large: 2 * 1024 * 1024,
  kit: 48 * 1024 * 1024,
  file: 96 * 1024 * 1024,
} as const;
export type BodySize = keyof typeof bodyBytes;

/** What may be guessed: a passphrase makes its account wait, a link the address that it is tried from. */
export type RateClass = 'passphrase' | 'seat-link';
/** Wrong ones within a quarter of an hour, from one address, after which it has to wait; right ones are not counted. */
export const wrongLinks = 40;

interface Door<Path extends string> {
  readonly path: Path;
  readonly access: Access;
  readonly rate?: RateClass;
  /** Written down with who did it, once it is done. */
  readonly recorded?: RecordedDeed;
}

/** One call of the HTTP contract: what is sent, what comes back. Server and web are both typed by it. */
export interface Endpoint<Path extends string, Body, Reply> extends Door<Path> {
  readonly kind: 'json';
  readonly method: 'GET' | 'POST' | 'PUT' | 'DELETE';
  /** Loaded where it is used, for calls of pages that should not wait for it: only the server checks bodies. */
  readonly body?: Schema<Body> | (() => Promise<Schema<Body>>);
  /** `small` where nothing is said. */
  readonly bodySize?: BodySize;
  /** Only a type: never set. */
  readonly reply?: Reply;
}

/** Something to print or to save. */
export interface FileEndpoint<Path extends string> extends Door<Path> {
  readonly kind: 'file';
  readonly method: 'GET';
  /** Media types, one of which comes back. */
  readonly types: readonly string[];
  /** Words that may stand behind the question mark. */
  readonly query?: readonly string[];
}

/** Server-sent events; resumes behind `Last-Event-ID`. */
export interface StreamEndpoint<Path extends string> extends Door<Path> {
  readonly kind: 'stream';
  readonly method: 'GET';
}

export type AnyEndpoint =
  // biome-ignore lint/suspicious/noExplicitAny: a list of endpoints has bodies and replies of every type.
  Endpoint<string, any, any> | FileEndpoint<string> | StreamEndpoint<string>;

/** Declares an endpoint; the reply's type is given first, the rest is inferred. */
export const endpoint =
  <Reply>() =>
  <Path extends string, Body = undefined>(
    spec: Omit<Endpoint<Path, Body, Reply>, 'kind' | 'reply'>,
  ): Endpoint<Path, Body, Reply> => ({ kind: 'json', ...spec });

/** What a body must be; undefined where none is sent. */
export const bodyOf = async <Body>({
  body,
}: Pick<Endpoint<string, Body, unknown>, 'body'>): Promise<Schema<Body> | undefined> =>
  typeof body === 'function' ? await body() : body;

export const fileEndpoint = <Path extends string>(
  spec: Omit<FileEndpoint<Path>, 'kind' | 'method'>,
): FileEndpoint<Path> => ({ kind: 'file', method: 'GET', ...spec });

export const streamEndpoint = <Path extends string>(
  spec: Omit<StreamEndpoint<Path>, 'kind' | 'method'>,
): StreamEndpoint<Path> => ({ kind: 'stream', method: 'GET', ...spec });

/** The address of an endpoint with its parameters filled in, and what is behind the question mark. */
export function addressOf<Path extends string>(
  { path }: { readonly path: Path },
  params: Readonly<Record<PathParameter<Path>, string>>,
  query: Readonly<Record<string, string>> = {},
): string {
  const filled = path.replace(/:(\w+)/g, (_, name: PathParameter<Path>) =>
    encodeURIComponent(params[name] ?? ''),
  );
  const asked = new URLSearchParams(query).toString();
  return asked === '' ? filled : `${filled}?${asked}`;
}
