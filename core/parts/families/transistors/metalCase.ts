import { drawTo3, drawTo3Mark } from '../../drawing/power.ts';
import type { PartFamily } from '../../family.ts';
import { valueLabel } from '../../label.ts';
import { typePrints } from '../../marks.ts';
import type { TypeKind } from '../../types/type.ts';
import type { FamilyId } from '../ids.ts';
import { to3 } from './packages.ts';

interface InMetalCase<Id extends FamilyId> extends Pick<PartFamily<Id>, 'id' | 'job' | 'letters'> {
  readonly kinds: readonly TypeKind[];
  /** A number that is sold so. */
  readonly print: string;
  readonly one: string;
  readonly many: string;
}

/** What comes in a TO-3 is fitted alike, whatever is inside. */
export const inMetalCase = <Id extends FamilyId>({
  kinds,
  print,
  one,
  many,
  ...of
}: InMetalCase<Id>): PartFamily<Id> => ({
  ...of,
  role: 'board-part',
  mount: 'through',
  body: to3,
  signs: [{ mark: 'pins-off-middle', means: 'one-way' }],
  // The case is the third: its screws, or a tag under one of them, join it to the board.
  joints: () => 3,
  pads: 'triangle',
  polarity: 'keyed',
  valueKind: 'type',
  example: { value: { kind: 'type', print } },
  usualTolerancePercent: null,
  bearsForce: false,
  hold: 'tack-one-pin',
  kin: null,
  pinoutMatters: true,
  power: 'none',
  hazards: [],
  heatSensitive: true,
  staticSensitive: false,
  prepareMinutes: 2,
  kinds,
  words: {
    one,
    many,
    fit: [
      'Read the type: other parts look just like it.',
      'Its two pins sit off the middle: they meet their holes one way only.',
      'If there is a heat sink: insulator and grease go between, as your instructor shows.',
      'Screw it down first: its screws join the case to the board. Then solder the two pins.',
    ],
    hold: 'Its two screws hold it.',
    mistakes: [
      'A screw is loose or its insulator is missing: the case is the third lead.',
      'The metal case touches another part.',
      'Another type in the same body is fitted.',
    ],
    wayRound: 'Its two pins sit off the middle: they meet their holes one way only.',
    backwards: 'Forced in the other way it bends its pins, and its leads change places.',
  },
  prints: typePrints,
  draw: (part) => drawTo3(valueLabel(part.value)),
  drawBoardMark: drawTo3Mark,
});
