/** Factors of SPICE: M is milli, MEG is mega, upper and lower case alike (SPICE 3 manual). */
const factors: readonly (readonly [RegExp, number])[] = [
  [/^t/i, 1e12],
  [/^g/i, 1e9],
  [/^meg/i, 1e6],
  [/^k/i, 1e3],
  [/^mil/i, 25.4e-6],
  [/^m/i, 1e-3],
  [/^[uµ]/i, 1e-6],
  [/^n/i, 1e-9],
  [/^p/i, 1e-12],
  [/^f/i, 1e-15],
];

/** `4.7k`, `10u`, `1MEG`, `100nF`: what follows the factor is a unit, which says nothing. Undefined where it is no number. */
export function parseSpiceNumber(text: string): number | undefined {
  const found = /^([+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:e[+-]?\d+)?)([a-zµ]*)$/i.exec(text);
  if (!found) return undefined;
  const [, digits = '', letters = ''] = found;
  const factor = factors.find(([pattern]) => pattern.test(letters))?.[1] ?? 1;
  return Number(digits) * factor;
}
