import { type Said, said } from '../learning/said.ts';
import { fail, ok, type Result } from '../result.ts';
import { isToleranceLetter, type ToleranceLetter } from './toleranceLetter.ts';

export interface CapacitorMarking {
  readonly farad: number;
  readonly tolerance?: ToleranceLetter;
}

/**
 * Reads the number printed on a small capacitor: two digits and a count of noughts, in picofarads (IEC 60062:
 * `104` is 100 nF); one or two digits are plain picofarads; a last digit 8 or 9 divides by 100 or 10 (from
 * memory of EIA practice). A tolerance letter may follow.
 */
export function readCapacitorCode(print: string): Result<CapacitorMarking, Said> {
  const match = print.trim().match(/^(\d{1,2}|\d{3})([A-Z])?$/);
  const letter = match?.[2];
  if (!match || (letter !== undefined && !isToleranceLetter(letter))) {
    return fail(said('ui.quantity.isNotACapacitorCodeWriteThree', { print: print.trim() }));
  }
  const digits = match[1] ?? '';
  const exponent = digits.length === 3 ? codeExponent(Number(digits[2])) : 0;
  const farad = Number(`${digits.slice(0, 2)}e${exponent - 12}`);
  return ok(letter === undefined ? { farad } : { farad, tolerance: letter });
}

/**
 * The three digits that stand for a capacitance, or undefined where two significant digits do not hold it or it
 * lies outside 1 pF to 99 µF.
 */
export function capacitorCode(farad: number): string | undefined {
  if (!(farad > 0)) return undefined;
  const [digits = '', power = ''] = farad.toExponential(1).split('e');
  if (Math.abs(Number(`${digits}e${power}`) / farad - 1) > 1e-9) return undefined;
  const noughts = Number(power) + 12 - 1;
  if (noughts < -1 || noughts > 6) return undefined;
  return `${digits.replace('.', '')}${noughts === -1 ? 9 : noughts}`;
}

function codeExponent(last: number): number {
  if (last === 9) return -1;
  if (last === 8) return -2;
  return last;
}
