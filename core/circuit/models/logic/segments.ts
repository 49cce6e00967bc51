export const segments = ['a', 'b', 'c', 'd', 'e', 'f', 'g'] as const;
export type Segment = (typeof segments)[number];
export const digits = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] as const;
export type Digit = (typeof digits)[number];

/** Which segments show a digit, from the top clockwise, the middle last (common practice). */
const shown: Readonly<Record<Digit, string>> = {
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
export const withTails: Readonly<Partial<Record<Digit, string>>> = { 6: 'acdefg', 9: 'abcdfg' };

export const segmentsOf = (
  digit: Digit,
  drawn: Readonly<Partial<Record<Digit, string>>> = {},
): readonly Segment[] => {
  const letters = drawn[digit] ?? shown[digit];
  return segments.filter((segment) => letters.includes(segment));
};
