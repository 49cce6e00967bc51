/** “LM393 + socket”, “NE555 mit Sockel”, and footprints that are called `DIP-8_W7.62mm_Socket`. */
const beside =
  /(?<!\s)\s*(?:[+&]|\bw\/|\b(?:with|incl\.?|including|and|mit|inkl\.?|und|con|y|avec|et)\s)\s*(?:[\w-]+\s){0,4}?(?:socket|sockel|fassung|z[oó]calo|support)\b\)?|_socket\b/i;

const twoSizes =
  /(?<!\d)(\d{1,2})[ -]?(?:pin|pol\w*|pines)?\.?[ -]{0,2}(?:,|\/|&|\+|und|and|bzw\.?|resp\.?|y|et|en)[ -]{0,2}(\d{1,2})[ -]?(?:pins?|pol\w*|pines|patas|broches)/i;

/** “IC-Fassung 8- bzw. 16-polig”, “8 and 14 pin sockets”: one size each; empty where a line names one size or none. */
export function sizesInOneLine(text: string): readonly number[] {
  const [, first, second] = twoSizes.exec(text) ?? [];
  return first && second && first !== second ? [Number(first), Number(second)] : [];
}

/** What a line or a footprint says of a part without the socket that comes with it. */
export function withoutSocket(text: string): string {
  const what = text.replace(beside, '');
  return /\p{L}{2}|\d{3}/u.test(what) ? what : text;
}
