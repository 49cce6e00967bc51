/** The units that a part's value can have; amounts are always kept in the base unit (4700, never 4.7 k). */
export type UnitId = 'ohm' | 'farad' | 'henry' | 'volt' | 'hertz';

export interface Unit {
  readonly id: UnitId;
  readonly symbol: string;
  /** Lower-case spellings that people put behind the number, longest first. */
  readonly spellings: readonly string[];
  /** Prefix letters that the letter and digit code of IEC 60062 uses with this unit, and their powers of ten. */
  readonly prefixes: Readonly<Record<string, number>>;
  /** What stands in place of the decimal point where there is no prefix: R for ohm, F for farad. */
  readonly pointLetter: string;
}

// Power of ten of each prefix letter. IEC 60062 prints the micro sign as u where there is no µ.
const small = { p: -12, n: -9, u: -6, m: -3 };

export const units: Readonly<Record<UnitId, Unit>> = {
  ohm: {
    id: 'ohm',
    symbol: 'Ω',
    spellings: ['ohms', 'ohm', 'ω'],
    prefixes: { m: -3, k: 3, M: 6, G: 9 },
    pointLetter: 'R',
  },
  farad: {
    id: 'farad',
    symbol: 'F',
    spellings: ['farad', 'f'],
    prefixes: small,
    pointLetter: 'F',
  },
  henry: {
    id: 'henry',
    symbol: 'H',
    spellings: ['henry', 'h'],
    prefixes: small,
    pointLetter: 'H',
  },
  volt: {
    id: 'volt',
    symbol: 'V',
    spellings: ['volts', 'volt', 'v'],
    prefixes: { m: -3, k: 3 },
    pointLetter: 'V',
  },
  hertz: {
    id: 'hertz',
    symbol: 'Hz',
    spellings: ['hertz', 'hz'],
    prefixes: { k: 3, M: 6, G: 9 },
    pointLetter: 'Hz',
  },
};
