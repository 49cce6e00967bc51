export const segments = ['a', 'b', 'c', 'd', 'e', 'f', 'g'] as const;
export type Segment = (typeof segments)[number];

/** Which segments show a digit, from the top clockwise, the middle last (common practice). */
const shown: Readonly<Partial<Record<number, string>>> = {
  0: 'abcdef',
  1: 'bc',
  2: 'abdeg',
  3: 'abcdg',
  4: 'bcfg',
  5: 'acdfg',
  6: 'cdefg',
  7: 'abc',
  8: 'abcdefg',
  9: 'abcfg',
};

/** Some chips give the six its top and the nine its foot (from memory of data sheets). */
export const withTails: Readonly<Partial<Record<number, string>>> = { 6: 'acdefg', 9: 'abcdfg' };

/** Whether a segment is lit when a number is shown; above nine none is. */
export const lights =
  (segment: Segment, drawn: Readonly<Partial<Record<number, string>>> = {}) =>
  (number: number): boolean =>
    (drawn[number] ?? shown[number] ?? '').includes(segment);
