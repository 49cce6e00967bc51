import type { Part } from './part.ts';

export interface Pinout {
  /** Names from left to right, flat face and print to the reader, leads down. */
  readonly pins: readonly string[];
  readonly from: 'data sheet' | 'lot';
}

// From memory of the makers' data sheets; the same number from another maker can differ, so a lot note overrides it.
const known: readonly (readonly [RegExp, readonly string[]])[] = [
  [/^(PN|2N)(2222|3904|3906|4401|4403|2907|5401|5551)/i, ['emitter', 'base', 'collector']],
  [/^(BC)(3[234]7|5[45678]\d|3[23]8|63[5-9]|640)/i, ['collector', 'base', 'emitter']],
  [/^(S|SS)?(8050|8550|901[2-8])/i, ['emitter', 'base', 'collector']],
  [/^2N7000/i, ['source', 'gate', 'drain']],
  [/^BS170/i, ['drain', 'gate', 'source']],
  [/^(LM|UA|L)?78L\d\d/i, ['output', 'ground', 'input']],
  [/^(LM|UA|L)?79L\d\d/i, ['ground', 'input', 'output']],
  [/^LM317L/i, ['adjust', 'output', 'input']],
  [/^(LM|UA|L)?78(M)?\d\d/i, ['input', 'ground', 'output']],
  [/^(LM|UA|L)?79(M)?\d\d/i, ['ground', 'input', 'output']],
  [/^LM317/i, ['adjust', 'output', 'input']],
  [/^(TIP|BD24|MJE)\d+/i, ['base', 'collector', 'emitter']],
  [/^(BD13[5-9]|BD140)/i, ['emitter', 'collector', 'base']],
  [/^(IRF|IRL|IRLZ|IRFZ|FQP|STP)\w*/i, ['gate', 'drain', 'source']],
];

/** The leads of a three-legged part: by the note of its lot, else by its type number; undefined where neither says. */
export function pinoutOf({ value, lotNote }: Pick<Part, 'value' | 'lotNote'>): Pinout | undefined {
  if (lotNote?.pinout && lotNote.pinout.length > 0) return { pins: lotNote.pinout, from: 'lot' };
  if (value.kind !== 'type') return undefined;
  const row = known.find(([type]) => type.test(value.print.trim()));
  return row && { pins: row[1], from: 'data sheet' };
}
