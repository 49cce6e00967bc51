import type { Package } from './package.ts';

const sheets = 'from memory of manufacturers’ sheets';

/** Lead spacing by the diameter of a can (from memory of manufacturers’ sheets). */
const leadSpacings: readonly (readonly [upToMm: number, leadMm: number])[] = [
  [4, 1.5],
  [5, 2],
  [6.5, 2.5],
  [8.5, 3.5],
  [13.5, 5],
  [Number.POSITIVE_INFINITY, 7.5],
];

/** A round can that stands up. */
export const can = (diameterMm: number, heightMm: number, source = sheets): Package => ({
  name: `${diameterMm} x ${heightMm} mm`,
  mount: 'through',
  shape: 'can',
  lengthMm: diameterMm,
  widthMm: diameterMm,
  heightMm,
  leadMm: leadSpacings.find(([upTo]) => diameterMm <= upTo)?.[1] ?? 7.5,
  pins: 2,
  source,
});

/** Usual sizes by capacitance and rated voltage: µF up to, volts up to, diameter and height in mm. */
const usualCans: readonly (readonly [
  microfarad: number,
  volt: number,
  diameterMm: number,
  heightMm: number,
])[] = [
  [47, 25, 5, 11],
  [22, 50, 5, 11],
  [10, 63, 5, 11],
  [100, 16, 5, 11],
  [100, 25, 6.3, 11],
  [47, 50, 6.3, 11],
  [100, 50, 8, 12],
  [220, 16, 6.3, 11],
  [220, 25, 8, 12],
  [220, 50, 10, 13],
  [470, 16, 8, 12],
  [470, 25, 10, 13],
  [470, 50, 13, 21],
  [1000, 16, 10, 17],
  [1000, 25, 10, 20],
  [1000, 50, 13, 25],
  [2200, 16, 13, 21],
  [2200, 25, 13, 25],
  [2200, 50, 18, 36],
  [4700, 16, 16, 26],
  [4700, 25, 16, 32],
  [10_000, 16, 18, 36],
];
/** Where a list gives no voltage, kits have what is cheapest at the usual supplies (common practice). */
const usualVolt = 16;

/**
 * The can that such an electrolytic usually comes in: an estimate, since makers differ.
 *
 * @param ratedVolt undefined where the list does not say
 * @returns undefined where no usual size is known
 */
export function usualCan(farad: number, ratedVolt: number | undefined): Package | undefined {
  const microfarad = farad * 1e6 * (1 - 1e-9);
  const volt = ratedVolt ?? usualVolt;
  const fitting = usualCans
    .filter(([most, upTo]) => microfarad <= most && volt <= upTo)
    .sort(([, , d1, h1], [, , d2, h2]) => d1 * d1 * h1 - d2 * d2 * h2);
  const [smallest] = fitting;
  return smallest && can(smallest[2], smallest[3]);
}

/** A can with a lead at each end that lies on the board; the leads are bent some mm from it. */
export const axialCan = (
  diameterMm: number,
  lengthMm: number,
  leadMm = Math.ceil((lengthMm + 4) / 2.54) * 2.54,
  source = sheets,
): Package => ({
  name: `${diameterMm} x ${lengthMm} mm`,
  mount: 'through',
  shape: 'rod',
  lengthMm,
  widthMm: diameterMm,
  heightMm: Math.round((diameterMm + 0.3) * 10) / 10,
  leadMm,
  pins: 2,
  source,
});

/** The same can with a lead at each end. */
export const lying = ({ widthMm, heightMm, source }: Package): Package =>
  axialCan(widthMm, heightMm, undefined, source);

/** A film capacitor by the distance of its leads: pitch, length, width, height in mm. */
const films: readonly (readonly [number, number, number, number])[] = [
  [5, 7.2, 2.5, 6.5],
  [7.5, 10, 4, 9],
  [10, 13, 5, 11],
  [15, 18, 8, 14],
  [22.5, 26.5, 8.5, 17],
  [27.5, 32, 13, 24],
];

export function film(pitchMm: number): Package | undefined {
  const found = films.find(([pitch]) => Math.abs(pitch - pitchMm) < 0.3);
  if (!found) return undefined;
  const [pitch, lengthMm, widthMm, heightMm] = found;
  return {
    name: `film, pitch ${pitch} mm`,
    mount: 'through',
    shape: 'block',
    lengthMm,
    widthMm,
    heightMm,
    leadMm: pitch,
    pins: 2,
    source: sheets,
  };
}

export const filmPitchesMm: readonly number[] = films.map(([pitch]) => pitch);

/** A flat round body that stands up: ceramic discs, varistors. */
export const disc = (diameterMm: number, leadMm: number): Package => ({
  name: `disc ${diameterMm} mm`,
  mount: 'through',
  shape: 'disc',
  lengthMm: diameterMm,
  widthMm: 2.5,
  heightMm: Math.round((diameterMm + 1.5) * 10) / 10,
  leadMm,
  pins: 2,
  source: sheets,
});

/** A push button of 6 x 6 mm: the third figure is its height from the board to the top of its plunger. */
export const button = (heightMm: number): Package => ({
  name: `6 x 6 x ${heightMm} mm`,
  mount: 'through',
  shape: 'block',
  lengthMm: 6,
  widthMm: 6,
  heightMm,
  leadMm: 6.5,
  pins: 4,
  source: `third figure of its size, ${sheets}`,
});

/** A strip of pins or sockets. */
export function strip(rows: number, columns: number, heightMm = 8.5): Package {
  return {
    name: `${rows} x ${columns}`,
    mount: 'through',
    shape: 'block',
    lengthMm: columns * 2.54,
    widthMm: rows * 2.5,
    heightMm,
    leadMm: (columns - 1) * 2.54,
    pins: rows * columns,
    ...(rows === 2 ? { rows } : {}),
    source: `2.54 mm strip, ${sheets}`,
  };
}

export const standing = {
  'hc-49u': {
    name: 'HC-49/U',
    mount: 'through',
    shape: 'crystal-can',
    lengthMm: 11,
    widthMm: 4.7,
    heightMm: 13.5,
    leadMm: 4.88,
    pins: 2,
    source: 'from memory of IEC 60122',
  },
  'hc-49s': {
    name: 'HC-49/S',
    mount: 'through',
    shape: 'crystal-can',
    lengthMm: 11,
    widthMm: 4.7,
    heightMm: 3.5,
    leadMm: 4.88,
    pins: 2,
    source: 'from memory of IEC 60122',
  },
  'tube-3x8': {
    name: '3 x 8 mm tube',
    mount: 'through',
    shape: 'rod',
    lengthMm: 8,
    widthMm: 3,
    heightMm: 3,
    pins: 2,
    source: sheets,
  },
  'tube-2x6': {
    name: '2 x 6 mm tube',
    mount: 'through',
    shape: 'rod',
    lengthMm: 6,
    widthMm: 2,
    heightMm: 2,
    pins: 2,
    source: sheets,
  },
  'trimmer-square': {
    name: 'square trimmer, pins in a triangle',
    mount: 'through',
    shape: 'block',
    lengthMm: 7,
    widthMm: 7,
    heightMm: 6,
    leadMm: 5.08,
    pins: 3,
    source: sheets,
  },
  'trimmer-inline': {
    name: 'multi-turn trimmer, pins in a line',
    mount: 'through',
    shape: 'block',
    lengthMm: 9.5,
    widthMm: 4.8,
    heightMm: 10,
    leadMm: 5.08,
    pins: 3,
    source: sheets,
  },
  'multilayer-2.54': {
    name: 'multilayer, pitch 2.54 mm',
    mount: 'through',
    shape: 'drop',
    lengthMm: 4.5,
    widthMm: 2.8,
    heightMm: 5.5,
    leadMm: 2.54,
    pins: 2,
    source: sheets,
  },
  'multilayer-5.08': {
    name: 'multilayer, pitch 5.08 mm',
    mount: 'through',
    shape: 'drop',
    lengthMm: 5,
    widthMm: 3,
    heightMm: 6,
    leadMm: 5.08,
    pins: 2,
    source: sheets,
  },
} as const satisfies Readonly<Record<string, Package>>;
