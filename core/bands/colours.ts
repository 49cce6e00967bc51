/**
 * The colours of the band code, one record each. Digits, multipliers and tolerances: IEC 60062. The tolerances of
 * grey, orange and yellow differ between editions and, like all temperature coefficients, are from memory.
 */
export interface BandColourDefinition {
  /** The digit, where the colour stands for one. */
  readonly digit?: number;
  /** The power of ten, where the colour can be a multiplier. */
  readonly multiplierPower?: number;
  readonly tolerancePercent?: number;
  readonly tempcoPpm?: number;
  /** What the paint looks like under a white lamp, as sRGB; chosen so that neighbours look as alike as real ones do. */
  readonly srgb: string;
}

export const bandColours = {
  black: { digit: 0, multiplierPower: 0, tempcoPpm: 250, srgb: '#1c1a19' },
  brown: { digit: 1, multiplierPower: 1, tolerancePercent: 1, tempcoPpm: 100, srgb: '#6b3a1c' },
  red: { digit: 2, multiplierPower: 2, tolerancePercent: 2, tempcoPpm: 50, srgb: '#c3271f' },
  orange: { digit: 3, multiplierPower: 3, tolerancePercent: 0.05, tempcoPpm: 15, srgb: '#ef7a1a' },
  yellow: { digit: 4, multiplierPower: 4, tolerancePercent: 0.02, tempcoPpm: 25, srgb: '#f2cf1d' },
  green: { digit: 5, multiplierPower: 5, tolerancePercent: 0.5, tempcoPpm: 20, srgb: '#2e8540' },
  blue: { digit: 6, multiplierPower: 6, tolerancePercent: 0.25, tempcoPpm: 10, srgb: '#2456a6' },
  violet: { digit: 7, multiplierPower: 7, tolerancePercent: 0.1, tempcoPpm: 5, srgb: '#7d4aa5' },
  grey: { digit: 8, multiplierPower: 8, tolerancePercent: 0.01, tempcoPpm: 1, srgb: '#8b8d8f' },
  white: { digit: 9, multiplierPower: 9, srgb: '#f6f4ee' },
  gold: { multiplierPower: -1, tolerancePercent: 5, srgb: '#b58a2e' },
  silver: { multiplierPower: -2, tolerancePercent: 10, srgb: '#b9bcc0' },
  pink: { multiplierPower: -3, srgb: '#e58fb0' },
} as const satisfies Record<string, BandColourDefinition>;

export type BandColour = keyof typeof bandColours;

export const bandColourNames = Object.keys(bandColours) as BandColour[];

/** The record of a colour with its optional meanings readable whatever the colour. */
export const definitionOf = (colour: BandColour): BandColourDefinition => bandColours[colour];

export function colourWith<Key extends keyof BandColourDefinition>(
  key: Key,
  value: BandColourDefinition[Key],
): BandColour | undefined {
  return bandColourNames.find((name) => definitionOf(name)[key] === value);
}
