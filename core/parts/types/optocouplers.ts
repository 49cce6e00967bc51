import { chipType } from './chips.ts';
import type { PartType } from './type.ts';

/** Number, what its output is, pins, other numbers of the same. From memory of data sheets. */
const rows: readonly (readonly [string, string, number, (readonly string[])?])[] = [
  ['PC817', 'transistor', 4, ['EL817', 'K817', 'LTV817', 'LTV-817', 'SFH617A', 'TLP817']],
  ['PC827', 'two transistors', 8, ['LTV827', 'LTV-827']],
  ['PC847', 'four transistors', 16, ['LTV847', 'LTV-847']],
  ['PC123', 'transistor', 4],
  ['PC814', 'transistor, either way round', 4, ['EL814', 'LTV814']],
  ['SFH615', 'transistor', 4, ['SFH615A', 'SFH617']],
  ['H11F1', 'field-effect output', 6],
  ['TLP521', 'transistor', 4, ['TLP521-1', 'TLP621']],
  ['TLP521-2', 'two transistors', 8, ['TLP521-2GB']],
  ['TLP521-4', 'four transistors', 16, ['TLP521-4GB']],
  ['4N25', 'transistor', 6, ['4N26', '4N27', '4N28', '4N38']],
  ['4N35', 'transistor', 6, ['4N36', '4N37']],
  ['4N32', 'Darlington', 6, ['4N33']],
  ['CNY17', 'transistor', 6, ['CNY17-1', 'CNY17-2', 'CNY17-3', 'CNY17-4']],
  ['MCT2E', 'transistor', 6, ['MCT2']],
  ['IL74', 'transistor', 6],
  ['TIL111', 'transistor', 6, ['TIL113']],
  ['H11L1', 'Schmitt trigger', 6],
  ['6N135', 'fast transistor', 8, ['6N136']],
  ['6N137', 'fast logic', 8],
  ['6N138', 'Darlington', 8, ['6N139']],
  ['MOC3020', 'triac', 6, ['MOC3021', 'MOC3022', 'MOC3023']],
  [
    'MOC3040',
    'triac at zero crossing',
    6,
    ['MOC3041', 'MOC3042', 'MOC3043', 'MOC3061', 'MOC3062', 'MOC3063'],
  ],
];

export const optocouplers: readonly PartType[] = rows.map(([number, does, pins, also]) =>
  chipType({ number, kind: 'optocoupler', does, pins, ...(also ? { also } : {}) }),
);
