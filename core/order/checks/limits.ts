/** What a meter on a bench shows. */
export const measuredUnits = ['volt', 'milliampere', 'ohm', 'hertz'] as const;
export type MeasuredUnit = (typeof measuredUnits)[number];

/** What is right, both ends included; an end that is absent is open. */
export interface Limits {
  readonly least?: number;
  readonly most?: number;
}

/** Whether something can be right by it: at least one end is said, and they are not the wrong way round. */
export const isRange = ({ least, most }: Limits): boolean =>
  (least !== undefined || most !== undefined) &&
  (least === undefined || most === undefined || least <= most);

/** More than this a hand meter does not tell from nothing connected, in ohms (common practice). */
export const openFromOhm = 2e7;

/**
 * A range as it is told: two digits, the ends moved outwards, so that no good board falls out by rounding; an end
 * that is as good as nothing connected is open.
 */
export function roundedOut({ least, most }: Required<Limits>): Limits {
  const up = toTwoDigits(most, Math.ceil);
  const down = toTwoDigits(least, Math.floor);
  return {
    ...(down > 0 ? { least: Math.min(down, 1e6) } : {}),
    ...(most >= openFromOhm ? {} : { most: up }),
  };
}

function toTwoDigits(value: number, round: (value: number) => number): number {
  if (value <= 0) return 0;
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return Number((round(value / step) * step).toPrecision(2));
}
