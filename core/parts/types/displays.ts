import type { PackageId } from '../packages/index.ts';
import type { PartType } from './type.ts';

/** Number, what it shows, body, pins, other numbers. `A`: common cathode, `B`: common anode. From memory. */
const rows: readonly (readonly [string, string, PackageId, number, (readonly string[])?])[] = [
  ['5161AS', 'one digit, common cathode', 'digit-0.56', 10, ['5161AH', 'SC56-11']],
  ['5161BS', 'one digit, common anode', 'digit-0.56', 10, ['5161BH', 'SA56-11']],
  ['5011AS', 'one digit, common cathode', 'digit-0.56', 10, ['5011AH']],
  ['5011BS', 'one digit, common anode', 'digit-0.56', 10, ['5011BH']],
  ['5101AS', 'one digit, common cathode', 'digit-0.56', 10],
  ['5101BS', 'one digit, common anode', 'digit-0.56', 10],
  ['5621AS', 'two digits, common cathode', 'digits-0.56-2', 10, ['5261AS']],
  ['5621BS', 'two digits, common anode', 'digits-0.56-2', 10, ['5261BS']],
  ['5461AS', 'four digits, common cathode', 'digits-0.56-4', 12, ['5641AS']],
  ['5461BS', 'four digits, common anode', 'digits-0.56-4', 12, ['5641BS']],
  ['3461AS', 'four digits, common cathode', 'digits-0.36-4', 12, ['3641AS']],
  ['3461BS', 'four digits, common anode', 'digits-0.36-4', 12, ['3641BS']],
  ['3161AS', 'one digit, common cathode', 'digit-0.36', 10],
  ['3161BS', 'one digit, common anode', 'digit-0.36', 10],
  ['SC52-11', 'one digit, common cathode', 'digit-0.56', 10],
  ['SA52-11', 'one digit, common anode', 'digit-0.56', 10],
  ['SC08-11', 'one digit, common cathode', 'digit-0.8', 10],
  ['1088AS', 'matrix of 8 x 8, common cathode', 'matrix-32', 16, ['1088AH', '788AS']],
  ['1088BS', 'matrix of 8 x 8, common anode', 'matrix-32', 16, ['788BS']],
];

export const displays: readonly PartType[] = rows.map(([number, does, body, pins, also]) => ({
  number,
  kind: does.startsWith('matrix') ? 'matrix-display' : 'display',
  does,
  ...(also ? { also } : {}),
  packages: [{ package: body, pins }],
}));
