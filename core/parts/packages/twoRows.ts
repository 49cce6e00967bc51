import type { Package } from './package.ts';

const pitchMm = 2.54;
/** Rows of a narrow DIP are 0.3 inch apart, of a wide one 0.6 (JEDEC MS-001, MS-011; from memory). */
const dip = (pins: number, rowMm: 7.62 | 15.24 = 7.62, name = `DIP-${pins}`): Package => ({
  name,
  mount: 'through',
  shape: 'dip',
  lengthMm: (pins / 2) * pitchMm,
  widthMm: rowMm === 7.62 ? 6.4 : 13.8,
  heightMm: 4.5,
  leadMm: rowMm,
  pins,
  source: 'DIP body and stand-off, from memory of JEDEC MS-001 and MS-011',
});

interface SoSize {
  readonly name: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly heightMm?: number;
}

const so = (pins: number, { name, lengthMm, widthMm, heightMm = 1.6 }: SoSize): Package => ({
  name,
  mount: 'surface',
  shape: 'so',
  lengthMm,
  widthMm,
  heightMm,
  pins,
  source: 'from memory of JEDEC MS-012, MS-013 and MO-150',
});

/** Bodies with two rows of legs, and those with legs on four sides. */
export const twoRows = {
  'dip-4': dip(4),
  'dip-6': dip(6),
  'dip-8': dip(8),
  'dip-14': dip(14),
  'dip-16': dip(16),
  'dip-18': dip(18),
  'dip-20': dip(20),
  'dip-22': dip(22, 7.62),
  'dip-24n': dip(24, 7.62, 'DIP-24 narrow'),
  'dip-24': dip(24, 15.24),
  'dip-28n': dip(28, 7.62, 'DIP-28 narrow'),
  'dip-28': dip(28, 15.24),
  'dip-32': dip(32, 15.24),
  'dip-40': dip(40, 15.24),
  'so-4': so(4, { name: 'SO-4', lengthMm: 4.4, widthMm: 3.9, heightMm: 2 }),
  'so-8': so(8, { name: 'SO-8', lengthMm: 4.9, widthMm: 3.9 }),
  'so-14': so(14, { name: 'SO-14', lengthMm: 8.7, widthMm: 3.9 }),
  'so-16': so(16, { name: 'SO-16', lengthMm: 9.9, widthMm: 3.9 }),
  'so-16w': so(16, { name: 'SO-16 wide', lengthMm: 10.3, widthMm: 7.5, heightMm: 2.5 }),
  'so-18w': so(18, { name: 'SO-18 wide', lengthMm: 11.6, widthMm: 7.5, heightMm: 2.5 }),
  'so-20w': so(20, { name: 'SO-20 wide', lengthMm: 12.8, widthMm: 7.5, heightMm: 2.5 }),
  'so-24w': so(24, { name: 'SO-24 wide', lengthMm: 15.4, widthMm: 7.5, heightMm: 2.5 }),
  'so-28w': so(28, { name: 'SO-28 wide', lengthMm: 17.9, widthMm: 7.5, heightMm: 2.5 }),
  'msop-10': so(10, { name: 'MSOP-10', lengthMm: 3, widthMm: 3, heightMm: 1.1 }),
  'ssop-28': so(28, { name: 'SSOP-28', lengthMm: 10.2, widthMm: 5.3, heightMm: 2 }),
  'tssop-16': so(16, { name: 'TSSOP-16', lengthMm: 5, widthMm: 4.4, heightMm: 1.2 }),
  'qfp-32': so(32, { name: 'TQFP-32', lengthMm: 7, widthMm: 7, heightMm: 1.2 }),
  'qfp-44': so(44, { name: 'TQFP-44', lengthMm: 10, widthMm: 10, heightMm: 1.2 }),
  'qfn-24': so(24, { name: 'QFN-24', lengthMm: 4, widthMm: 4, heightMm: 0.9 }),
  'qfn-28': so(28, { name: 'QFN-28', lengthMm: 5, widthMm: 5, heightMm: 0.9 }),
  mbs: so(4, { name: 'MBS', lengthMm: 4.7, widthMm: 3.9, heightMm: 2.5 }),
} as const satisfies Readonly<Record<string, Package>>;
