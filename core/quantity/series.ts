/** Preferred values of IEC 60063. */
export type SeriesId = 'E3' | 'E6' | 'E12' | 'E24' | 'E48' | 'E96' | 'E192';

// E24 and its halvings are a table, not a formula: several of its values (27, 30, 33 … 82) differ from the rounded root.
const e24 = [
  1, 1.1, 1.2, 1.3, 1.5, 1.6, 1.8, 2, 2.2, 2.4, 2.7, 3, 3.3, 3.6, 3.9, 4.3, 4.7, 5.1, 5.6, 6.2, 6.8,
  7.5, 8.2, 9.1,
];

const every = (step: number) => e24.filter((_, index) => index % step === 0);

/** E48, E96 and E192 are the roots rounded to three digits, but for 9.20, which the rounding would make 9.19. */
function rounded(count: number): number[] {
  return Array.from({ length: count }, (_, index) => {
    const value = Math.round(10 ** (index / count) * 100) / 100;
    return value === 9.19 ? 9.2 : value;
  });
}

/** One decade of each series, from 1 to below 10, in ascending order. */
export const series: Readonly<Record<SeriesId, readonly number[]>> = {
  E3: every(8),
  E6: every(4),
  E12: every(2),
  E24: e24,
  E48: rounded(48),
  E96: rounded(96),
  E192: rounded(192),
};

export const seriesIds = Object.keys(series) as SeriesId[];

/** The mantissa of a positive amount, from 1 to below 10, at three digits. */
export function mantissa(amount: number): number {
  return Number(Number(amount.toPrecision(3)).toExponential().split('e')[0]);
}

/** Whether a positive amount is a value of that series in some decade, exactly at three significant digits. */
export function isPreferred(amount: number, id: SeriesId): boolean {
  if (!(amount > 0)) return false;
  if (Math.abs(Number(amount.toPrecision(3)) / amount - 1) > 1e-9) return false;
  return series[id].includes(mantissa(amount));
}

/** The coarsest series that holds the amount, or undefined where none does. */
export function coarsestSeries(amount: number): SeriesId | undefined {
  return seriesIds.find((id) => isPreferred(amount, id));
}

/** The value of a series nearest to a positive amount, by ratio. */
export function nearestPreferred(amount: number, id: SeriesId): number {
  const power = Math.floor(Math.log10(amount));
  const decade = series[id].flatMap((value) =>
    [power - 1, power, power + 1].map((exponent) => Number(`${value}e${exponent}`)),
  );
  const distance = (value: number) => Math.abs(Math.log(value / amount));
  return decade.reduce((best, value) => (distance(value) < distance(best) ? value : best));
}
