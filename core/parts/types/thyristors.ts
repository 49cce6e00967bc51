import type { PackageId } from '../packages/index.ts';
import { pinLetters, pinsOf } from './pinNames.ts';
import type { PartType } from './type.ts';

/** Number, kind, highest volts, amperes, body, leads; from memory of data sheets. */
type Row = readonly [string, 'triac' | 'thyristor', number, number, PackageId, string];
const rows: readonly Row[] = [
  ['BT136', 'triac', 600, 4, 'to-220', '12G'],
  ['BT137', 'triac', 600, 8, 'to-220', '12G'],
  ['BT138', 'triac', 600, 12, 'to-220', '12G'],
  ['BT139', 'triac', 600, 16, 'to-220', '12G'],
  ['BTA06', 'triac', 600, 6, 'to-220', '12G'],
  ['BTA08', 'triac', 600, 8, 'to-220', '12G'],
  ['BTA12', 'triac', 600, 12, 'to-220', '12G'],
  ['BTA16', 'triac', 600, 16, 'to-220', '12G'],
  ['BTB16', 'triac', 600, 16, 'to-220', '12G'],
  ['MAC97A6', 'triac', 400, 0.8, 'to-92', '1G2'],
  ['MAC97A8', 'triac', 600, 0.8, 'to-92', '1G2'],
  ['Z0103', 'triac', 600, 1, 'to-92', '1G2?'],
  ['TIC206', 'triac', 400, 4, 'to-220', '12G'],
  ['TIC226', 'triac', 400, 8, 'to-220', '12G'],
  ['TIC246', 'triac', 400, 16, 'to-220', '12G'],
  ['Z0107', 'triac', 600, 1, 'to-92', '1G2?'],
  ['TIC126', 'thyristor', 400, 12, 'to-220', 'KAG'],
  ['BRX45', 'thyristor', 100, 0.8, 'to-92', 'KGA?'],
  ['2N5061', 'thyristor', 60, 0.8, 'to-92', 'KGA?'],
  ['2N5062', 'thyristor', 100, 0.8, 'to-92', 'KGA?'],
  ['TIC106', 'thyristor', 400, 5, 'to-220', 'KAG'],
  ['BT151', 'thyristor', 500, 12, 'to-220', 'KAG'],
  ['BT169', 'thyristor', 400, 0.8, 'to-92', 'AGK?'],
  ['BRX49', 'thyristor', 400, 0.8, 'to-92', 'KGA?'],
  ['MCR100', 'thyristor', 400, 0.8, 'to-92', 'KGA'],
  ['2N5060', 'thyristor', 30, 0.8, 'to-92', 'KGA?'],
  ['2N5064', 'thyristor', 200, 0.8, 'to-92', 'KGA?'],
  ['C106', 'thyristor', 400, 4, 'to-126', 'KAG'],
];

const unijunction: PartType = {
  number: '2N6027',
  kind: 'unijunction',
  maxVolt: 40,
  packages: [{ package: 'to-92', pins: 3, ...pinsOf(pinLetters.thyristor, 'AGK') }],
};

export const thyristors: readonly PartType[] = [
  ...rows.map(
    ([number, kind, maxVolt, maxAmpere, body, leads]): PartType => ({
      number,
      kind,
      maxVolt,
      maxAmpere,
      packages: [{ package: body, pins: 3, ...pinsOf(pinLetters.thyristor, leads) }],
    }),
  ),
  unijunction,
  { ...unijunction, number: '2N6028' },
];
