/** Signs that print looks alike in (common practice of proof reading, and what readers of print mistake). */
const alike: readonly string[] = [
  '0OoQDeΩ',
  '1lIi|!',
  '5Ss$',
  '8B',
  '2Zz',
  '6Gb',
  '0689',
  '4Aa',
  '7T',
  '3S',
  'µuypH4',
  'cC(€©',
  'UuvV',
  '.,',
  'kK',
  'Mm',
  'nN',
  'fF',
];

const others: ReadonlyMap<string, ReadonlySet<string>> = (() => {
  const map = new Map<string, Set<string>>();
  for (const group of alike) {
    for (const sign of group) {
      const set = map.get(sign) ?? new Set();
      for (const other of group) if (other !== sign) set.add(other);
      map.set(sign, set);
    }
  }
  return map;
})();

/** Whether one sign can be taken for another. */
export const canBe = (seen: string, meant: string): boolean =>
  seen === meant || (others.get(seen)?.has(meant) ?? false);

/** One sign that was read as two: a 5 as `S5`. */
const readTwice = /(8B|B8|5S|S5|0O|O0|1l|l1|1I|I1|6G|G6|55|uU|cC|Cc|il|kK|Kk)/g;

/** Of a longer text one sign is changed only: there are too many pairs, and none of them is a code. */
const longText = 14;

/**
 * A text with one and then two of its signs taken for those that they look like.
 *
 * @returns each once, with the number of signs that were changed, fewest first; the text itself with none
 */
export function variants(text: string): ReadonlyMap<string, number> {
  const found = new Map<string, number>([[text, 0]]);
  let edge = [text];
  const most = text.length <= longText ? 2 : 1;
  for (let changes = 1; changes <= most; changes += 1) {
    const next: string[] = [];
    for (const from of edge) {
      for (const variant of changedOnce(from)) {
        if (found.has(variant)) continue;
        found.set(variant, changes);
        next.push(variant);
      }
    }
    edge = next;
  }
  return found;
}

function* changedOnce(text: string): Generator<string> {
  for (let at = 0; at < text.length; at += 1) {
    for (const other of others.get(text[at] ?? '') ?? []) {
      yield `${text.slice(0, at)}${other}${text.slice(at + 1)}`;
    }
  }
  for (const { index, 0: pair } of text.matchAll(readTwice)) {
    for (const sign of new Set(pair)) {
      yield `${text.slice(0, index)}${sign}${text.slice(index + 2)}`;
    }
  }
}
