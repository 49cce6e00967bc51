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
