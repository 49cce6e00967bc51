import { type Said, said } from '../../learning/said.ts';
import { parseQuantity } from '../../quantity/parseQuantity.ts';
import { fail, ok, type Result } from '../../result.ts';
import type { MeasuredUnit } from './limits.ts';

/** What a meter shows where nothing conducts. */
const openWords = /^(ol|o\.l\.?|1\.?\s*_*|∞|inf(inity)?|open)$/i;

/** Shown in place of a number that is too large for any meter, in ohms. */
export const openOhm = 1e9;

/**
 * A reading as it is typed: `4k7`, `220`, `OL` in ohms; `35`, `35 mA`, `0,02 A` in milliamperes; `4.98`, `500 mV` in
 * volts; `1.2 kHz` in hertz.
 *
 * @returns the amount in the unit, or what is wrong with the text
 */
export function readAtCheck(unit: MeasuredUnit, text: string): Result<number, Said> {
  const written = text.trim();
  if (unit === 'ohm') {
    if (openWords.test(written) && written !== '1') return ok(openOhm);
    const read = parseQuantity(written, 'ohm');
    return read.ok ? ok(read.value) : read;
  }
  if (unit !== 'milliampere') return parseQuantity(written, unit);
  const found = /^(\d+(?:[.,]\d+)?)\s*(m?a)?$/i.exec(written);
  if (!found) return fail(said('ui.quantity.isNotACurrentWriteItAs', { text }));
  const [, amount = '', unitSaid = 'mA'] = found;
  return ok(Number(amount.replace(',', '.')) * (unitSaid.toLowerCase() === 'a' ? 1000 : 1));
}
