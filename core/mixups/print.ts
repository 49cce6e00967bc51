/** Characters that are taken for one another in small print (common practice). */
const alikeCharacters = [
  '0OQD',
  '1Il7',
  '2Z',
  '3',
  '5S6',
  '8B3',
  '6G',
  '4A',
  'UV',
  'µU',
  '9g',
  'CG',
];
const alikeCost = 0.35;
/** Print turned upside down. */
const upsideDown: Readonly<Record<string, string>> = {
  '0': '0',
  '1': '1',
  '6': '9',
  '8': '8',
  '9': '6',
  O: '0',
  S: '5',
};

/**
 * How far two prints are apart: edits, where characters that look alike count {@link alikeCost}; the nearer of both
 * ways up.
 */
export function printDistance(a: string, b: string): number {
  const upright = editDistance(a, b);
  const turned = [
    [a, turn(b)],
    [turn(a), b],
  ].flatMap(([x, y]) =>
    x === undefined || y === undefined ? [] : [editDistance(x, y) + alikeCost / 2],
  );
  return Math.min(upright, ...turned);
}

// How often small print is not read at all, since the body alone seems to tell (common practice).
const printLapse = 0.15;

/** How alike two prints are, 0 to 1: one odd character among six is missed more easily than one among three. */
export function printLikeness(a: string, b: string): number {
  if (a === b) return 1;
  const distance = (printDistance(a, b) * 3) / Math.max(3, a.length, b.length);
  return printLapse + (1 - printLapse) * Math.exp(-distance);
}

/** The print as read upside down; undefined where it has no such reading. */
function turn(print: string): string | undefined {
  const turned = [...print].reverse().map((character) => upsideDown[character]);
  return turned.includes(undefined) ? undefined : turned.join('');
}

function editDistance(a: string, b: string): number {
  let last = Array.from({ length: b.length + 1 }, (_, column) => column);
  for (const [row, character] of [...a].entries()) {
    const current = [row + 1];
    for (const [column, other] of [...b].entries()) {
      current.push(
        Math.min(
          (last[column + 1] ?? 0) + 1,
          (current[column] ?? 0) + 1,
          (last[column] ?? 0) + characterCost(character, other),
        ),
      );
    }
    last = current;
  }
  return last.at(-1) ?? 0;
}

function characterCost(a: string, b: string): number {
  if (a === b) return 0;
  const alike =
    a.toUpperCase() === b.toUpperCase() ||
    alikeCharacters.some((set) => set.includes(a) && set.includes(b)) ||
    (upsideDown[a] === b && a !== b);
  return alike ? alikeCost : 1;
}
