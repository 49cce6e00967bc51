import { parseQuantity } from '../quantity/parseQuantity.ts';
import { fail, ok, type Result } from '../result.ts';
import type { CheckId, CheckStep } from './step.ts';

/** A check that a meter decides: what is read, and what the reading means. */
export interface GateForm {
  readonly unit: 'ohm' | 'milliampere';
  readonly judge: (amount: number, step: Pick<CheckStep, 'chipsOut' | 'blocks'>) => Finding;
}

/** What a reading means; all but `right` are findings to be looked at before the learner goes on. */
export type Finding = 'right' | 'short' | 'nearly-short' | 'too-much' | 'no-current';

/** About half an ohm from supply to ground is a short circuit (common practice); the tips alone show some tenths. */
const shortOhm = 1;
/** A small kit without cells shows far more than this (common practice). */
const lowestOhm = 10;
/** Small kits take some tens of milliamperes (common practice); with this much something is wrong. */
const mostMilliampere = 100;
/** Less is what a bench supply shows with nothing connected. */
const leastMilliampere = 0.1;

/** The checks with a form; the others are decided by looking. */
export const gateForms: Readonly<Partial<Record<CheckId, GateForm>>> = {
  'supply-resistance': {
    unit: 'ohm',
    judge: (ohm) => (ohm < shortOhm ? 'short' : ohm < lowestOhm ? 'nearly-short' : 'right'),
  },
  'first-power': {
    unit: 'milliampere',
    judge: (milliampere, { chipsOut, blocks }) => {
      if (milliampere > mostMilliampere) return 'too-much';
      // With its chips out, or half of it still missing, a board may well take nothing.
      const complete = chipsOut.length === 0 && blocks.length === 0;
      return milliampere < leastMilliampere && complete ? 'no-current' : 'right';
    },
  },
};

/** What a meter shows where nothing conducts. */
const openWords = /^(ol|o\.l\.?|1\.?\s*_*|∞|inf(inity)?|open)$/i;

/** Shown in place of a number that is too large for any meter, in ohms. */
export const openOhm = 1e9;

/**
 * A reading as it is typed: `4k7`, `220`, `OL` in ohms; `35`, `35 mA`, `0,02 A` in milliamperes.
 *
 * @returns the amount in the form's unit, or what is wrong with the text
 */
export function readGate({ unit }: GateForm, text: string): Result<number, string> {
  const written = text.trim();
  if (unit === 'ohm') {
    if (openWords.test(written) && written !== '1') return ok(openOhm);
    const read = parseQuantity(written, 'ohm');
    return read.ok ? ok(read.value) : read;
  }
  const found = /^(\d+(?:[.,]\d+)?)\s*(m?a)?$/i.exec(written);
  if (!found) return fail(`“${text}” is not a current; write it as 35 or 35 mA`);
  const [, amount = '', said = 'mA'] = found;
  return ok(Number(amount.replace(',', '.')) * (said.toLowerCase() === 'a' ? 1000 : 1));
}
