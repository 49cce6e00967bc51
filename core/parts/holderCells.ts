import type { Package } from './packages/package.ts';
import type { Part } from './part.ts';

/** Round cells by what they are called: diameter and length in mm (IEC 60086-2: R03, R6, R14, R20; 18650 by its name). */
const sizes: readonly (readonly [
  name: string,
  called: string,
  diameterMm: number,
  lengthMm: number,
])[] = [
  ['AAA', 'aaa|micro|l?r0?3', 10.5, 44.5],
  ['AA', 'aa|mignon|l?r6', 14.5, 50.5],
  ['C', 'baby|l?r14', 26.2, 50],
  ['D', 'mono|l?r20', 34.2, 61.5],
  ['18650', '18650', 18.6, 65.2],
];

const cells = '(?:(?:pilas?|piles?|cells?|zellen?|batterie[ns]?|baterias?)\\s+)?';

const patterns = sizes.map(([, called]) => [
  new RegExp(
    `(?:^|[^\\d.,])(\\d{1,2})(?:\\s*(?:x|×|er|fach))?[\\s-]*${cells}(?:${called})(?![a-z\\d])`,
  ),
  new RegExp(`(?:^|[^a-z\\d])(?:${called})\\s*(?:x|×)\\s*(\\d{1,2})(?!\\d)`),
]);

/** More than that is a bench supply. */
const mostCells = 12;
/** So many lie side by side; of more, two lie end to end (common practice). */
const mostAbreast = 4;

/** What a holder takes. */
export interface HolderCells {
  readonly name: string;
  readonly count: number;
  readonly abreast: number;
  readonly diameterMm: number;
  readonly lengthMm: number;
}

/** Two round cells: what a holder in a kit usually takes (common practice). */
export const usualCells = { count: 2, abreast: 2 } as const;

/** The cells that a holder is said to take; undefined where nobody says how many of which. */
export function holderCells({
  description,
  package: said = '',
}: Pick<Part, 'description' | 'package'>): HolderCells | undefined {
  const text = `${said} ${description}`.toLowerCase();
  for (const [index, [name, , diameterMm, lengthMm]] of sizes.entries()) {
    const counted = patterns[index]?.map((one) => Number(one.exec(text)?.[1])).find(Boolean);
    if (counted === undefined || counted > mostCells) continue;
    const abreast = counted > mostAbreast ? Math.ceil(counted / 2) : counted;
    return { name, count: counted, abreast, diameterMm, lengthMm };
  }
  return undefined;
}

/** The holder around its cells: walls, springs and contacts (from memory of manufacturers’ sheets). */
export function holderBody({ name, count, abreast, diameterMm, lengthMm }: HolderCells): Package {
  return {
    name: `${count} x ${name}`,
    mount: 'through',
    shape: 'block',
    lengthMm: lengthMm * Math.ceil(count / abreast) + 7.5,
    widthMm: abreast * (diameterMm + 1),
    heightMm: diameterMm + 0.5,
    pins: 2,
    source: 'round cells by IEC 60086-2, walls from memory of manufacturers’ sheets',
  };
}
