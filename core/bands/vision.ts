import {
  type Color,
  converter,
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
} from 'culori';
import { memo } from '../memo.ts';

/** How colours are seen: by normal sight, with a colour-vision deficiency in full, or by the light of a warm lamp. */
export const visions = ['normal', 'protan', 'deutan', 'tritan', 'warm-light'] as const;
export type Vision = (typeof visions)[number];

const toRgb = converter('rgb');
const toXyz = converter('xyz65');
const difference = differenceCiede2000();

const filters: Readonly<Record<Vision, (colour: Color) => Color>> = {
  normal: (colour) => colour,
  // Machado, Oliveira and Fernandes (2009), severity 1, as the package has it.
  protan: filterDeficiencyProt(1),
  deutan: filterDeficiencyDeuter(1),
  tritan: filterDeficiencyTrit(1),
  'warm-light': underWarmLamp,
};

/** A colour as it is seen, as sRGB in hex, brought into the range that a screen can show. */
export const seenAs = (srgb: string, vision: Vision): string =>
  vision === 'normal' ? srgb : formatHex(seen(srgb, vision));

/**
 * How different two colours look: CIEDE2000, where about 1 is just noticeable side by side and 100 is black against
 * white. Checked against the pairs of Sharma, Wu and Dalal (2005).
 *
 * @param a sRGB in hex
 */
export function colourDifference(a: string, b: string, vision: Vision): number {
  if (a === b) return 0;
  const key = `${vision}${a}${b}`;
  return differences.of(key, () => difference(seen(a, vision), seen(b, vision)));
}

// A kit has few colours and many pairs.
const differences = memo<string, number>({ name: 'differences of colours', most: 2000 });

function seen(srgb: string, vision: Vision): Color {
  const colour = toRgb(srgb);
  if (!colour) throw new Error(`not a colour: ${srgb}`);
  return filters[vision](colour);
}

const lampKelvin = 2700;
// The eye gets used to a lamp only in part: degree of adaptation of CIECAM02, dim surround (F 0.9), 20 cd/m², from
// memory: F (1 - exp((-La - 42) / 92) / 3.6).
const adaptation = 0.9 * (1 - Math.exp((-20 - 42) / 92) / 3.6);

/** Under a lamp of 2700 K, as in a village hall in the evening: von Kries in the cone space of CAT16 (from memory). */
function underWarmLamp(colour: Color): Color {
  const { x, y, z } = toXyz(colour);
  const cones = toCones([x, y, z]);
  const seenCones = cones.map((cone, i) => cone * (adaptation + (1 - adaptation) * (tint[i] ?? 1)));
  const [sx, sy, sz] = fromCones(seenCones);
  return { mode: 'xyz65', x: sx, y: sy, z: sz };
}

type Triple = readonly [number, number, number];

const cat16: readonly Triple[] = [
  [0.401288, 0.650173, -0.051461],
  [-0.250268, 1.204414, 0.045854],
  [-0.002079, 0.048952, 0.953127],
];
// Its inverse, from memory of the same source; a test multiplies the two.
const cat16Inverse: readonly Triple[] = [
  [1.86206786, -1.01125463, 0.14918677],
  [0.38752654, 0.62144744, -0.00897398],
  [-0.0158415, -0.03412294, 1.04996444],
];

const times = (matrix: readonly Triple[], vector: readonly number[]): number[] =>
  matrix.map((row) => row.reduce((sum, factor, i) => sum + factor * (vector[i] ?? 0), 0));
const toCones = (xyz: readonly number[]) => times(cat16, xyz);
const fromCones = (cones: readonly number[]) =>
  times(cat16Inverse, cones) as [number, number, number];

/** The cones' response to the lamp over that to daylight (D65), green alike. */
const tint = lampTint();

function lampTint(): number[] {
  const { x, y } = blackBody(lampKelvin);
  const lamp = toCones([x / y, 1, (1 - x - y) / y]);
  // CIE standard illuminant D65, 2° observer.
  const day = toCones([0.95047, 1, 1.08883]);
  const ratio = lamp.map((cone, i) => cone / (day[i] ?? 1));
  return ratio.map((value) => value / (ratio[1] ?? 1));
}

/**
 * Chromaticity of a black body from 2222 to 4000 K: the cubic fit of Kim et al. (2002), from memory; checked against
 * CIE illuminant A.
 */
export function blackBody(kelvin: number): { readonly x: number; readonly y: number } {
  const x = -0.2661239e9 / kelvin ** 3 - 0.2343589e6 / kelvin ** 2 + 0.8776956e3 / kelvin + 0.17991;
  const y = -0.9549476 * x ** 3 - 1.37418593 * x ** 2 + 2.09137015 * x - 0.16748867;
  return { x, y };
}
