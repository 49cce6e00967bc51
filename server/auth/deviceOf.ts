/** Browsers and systems by what they call themselves; the first that fits, since most name others too. */
const browsers = [
  ['Edge', /Edg/],
  ['Firefox', /Firefox|FxiOS/],
  ['Chrome', /Chrome|CriOS|Chromium/],
  ['Safari', /Safari/],
] as const;
const systems = [
  ['Android', /Android/],
  ['iPhone', /iPhone/],
  ['iPad', /iPad/],
  ['Windows', /Windows/],
  ['Mac', /Macintosh/],
  ['Linux', /Linux/],
] as const;

/** A device in a few words that its owner knows it by, empty for another program than a browser, from the browser's User-Agent (RFC 9110, 10.1.5). */
export function deviceOf(agent: string | undefined): string {
  const nameIn = (list: readonly (readonly [string, RegExp])[]) =>
    list.find(([, sign]) => sign.test(agent ?? ''))?.[0];
  const words = [nameIn(browsers), nameIn(systems)].filter((word) => word !== undefined);
  return words.join(', ');
}
