/** “LM393 + socket”, “NE555 mit Sockel”, and footprints that are called `DIP-8_W7.62mm_Socket`. */
const beside =
  /(?<!\s)\s*(?:[+&]|\bw\/|\b(?:with|incl\.?|including|and|mit|inkl\.?|und|con|y|avec|et)\s)\s*(?:[\w-]+\s){0,2}?(?:socket|sockel|fassung|z[oó]calo|support)\b\)?|_socket\b/i;

/** What a line or a footprint says of a part without the socket that comes with it. */
export function withoutSocket(text: string): string {
  const what = text.replace(beside, '');
  return /\p{L}{2}|\d{3}/u.test(what) ? what : text;
}
