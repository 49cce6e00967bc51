import { chipType } from './chips.ts';
import type { PartType } from './type.ts';

/** Number, pins, other numbers of the same. From memory of data sheets. */
const rows: readonly (readonly [string, number, (readonly string[])?])[] = [
  ['PC817', 4, ['EL817', 'K817', 'LTV817', 'LTV-817', 'SFH617A', 'TLP817']],
  ['PC827', 8, ['LTV827', 'LTV-827']],
  ['PC847', 16, ['LTV847', 'LTV-847']],
  ['PC123', 4],
  ['PC814', 4, ['EL814', 'LTV814']],
  ['SFH615', 4, ['SFH615A', 'SFH617']],
  ['H11F1', 6],
  ['TLP521', 4, ['TLP521-1', 'TLP621']],
  ['TLP521-2', 8, ['TLP521-2GB']],
  ['TLP521-4', 16, ['TLP521-4GB']],
  ['4N25', 6, ['4N26', '4N27', '4N28', '4N38']],
  ['4N35', 6, ['4N36', '4N37']],
  ['4N32', 6, ['4N33']],
  ['CNY17', 6, ['CNY17-1', 'CNY17-2', 'CNY17-3', 'CNY17-4']],
  ['MCT2E', 6, ['MCT2']],
  ['IL74', 6],
  ['TIL111', 6, ['TIL113']],
  ['H11L1', 6],
  ['6N135', 8, ['6N136']],
  ['6N137', 8],
  ['6N138', 8, ['6N139']],
  ['MOC3020', 6, ['MOC3021', 'MOC3022', 'MOC3023']],
  ['MOC3040', 6, ['MOC3041', 'MOC3042', 'MOC3043', 'MOC3061', 'MOC3062', 'MOC3063']],
];

export const optocouplers: readonly PartType[] = rows.map(([number, pins, also]) =>
  chipType({ number, kind: 'optocoupler', pins, ...(also ? { also } : {}) }),
);
