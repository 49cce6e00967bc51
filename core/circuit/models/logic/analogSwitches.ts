import { from } from '../../spread.ts';
import { isType, typeOf } from '../amounts.ts';
import { type At, figure, type Model, named, worked } from '../model.ts';
import { ownCurrent, pinCapacitance } from '../output.ts';
import { type Bit, both, not } from './bits.ts';
import { plainInput } from './levels.ts';

/** Two pins that a chip joins while a condition on its inputs holds. */
interface Way {
  readonly from: number;
  readonly to: number;
  readonly isClosed: (read: (pin: number) => Bit) => Bit;
}

interface SwitchChip {
  readonly numbers: RegExp;
  readonly plus: number;
  readonly minus: number;
  readonly ins: readonly number[];
  readonly ways: readonly Way[];
}

const fourAlone: SwitchChip = {
  numbers: /^(4066|4016|74[A-Z]*4066|74[A-Z]*4016)$/,
  plus: 14,
  minus: 7,
  ins: [13, 5, 6, 12],
  ways: [
    [1, 2, 13],
    [4, 3, 5],
    [8, 9, 6],
    [11, 10, 12],
  ].map(([from = 0, to = 0, control = 0]) => ({
    from,
    to,
    isClosed: (read) => read(control),
  })),
};

/** One common pin and the pins that it is joined to by a number in binary, unless all are inhibited. */
const chosen = (
  common: number,
  choices: readonly number[],
  address: readonly number[],
  inhibit: number,
): Way[] =>
  choices.map((to, number) => ({
    from: common,
    to,
    isClosed: (read) =>
      both(
        not(read(inhibit)),
        ...address.map((pin, digit) => ((number >> digit) & 1 ? read(pin) : not(read(pin)))),
      ),
  }));

const at16 = { plus: 16, minus: 8 };

/** Pins from memory of data sheets. */
const chips: readonly SwitchChip[] = [
  fourAlone,
  {
    ...at16,
    numbers: /^(74[A-Z]*)?4051$/,
    ins: [6, 11, 10, 9],
    ways: chosen(3, [13, 14, 15, 12, 1, 5, 2, 4], [11, 10, 9], 6),
  },
  {
    ...at16,
    numbers: /^(74[A-Z]*)?4052$/,
    ins: [6, 10, 9],
    ways: [...chosen(13, [12, 14, 15, 11], [10, 9], 6), ...chosen(3, [1, 5, 2, 4], [10, 9], 6)],
  },
  {
    ...at16,
    numbers: /^(74[A-Z]*)?4053$/,
    ins: [6, 11, 10, 9],
    ways: [
      ...chosen(14, [12, 13], [11], 6),
      ...chosen(15, [2, 1], [10], 6),
      ...chosen(4, [5, 3], [9], 6),
    ],
  },
];

const chipOf = (part: At['part']) =>
  chips.find(({ numbers }) => numbers.test(typeOf(part)?.number ?? ''));

export const analogSwitches: Model = {
  id: 'analog-switches',
  source: 'closed some 150 Ω (74 series 50 Ω), pins from memory of data sheets',
  isActive: true,
  takes: (part) => isType(part, 'logic') && chipOf(part) !== undefined,
  cards: (at) => {
    const chip = chipOf(at.part);
    if (!chip) return [];
    const rails = { plus: at.node(chip.plus), minus: at.node(chip.minus) };
    const joined = chip.ins.filter(at.isJoined);
    const levels = new Map(joined.map((pin) => [pin, plainInput(at, rails, pin)] as const));
    const read = (pin: number): Bit => levels.get(pin)?.state ?? '0';
    const usual = /^74/.test(typeOf(at.part)?.number ?? '') ? 50 : 150;
    const ohm = figure(at.draw(usual, from(usual / 2, usual * 2)));
    return [
      ...[...levels.values()].flatMap(({ cards }) => cards),
      ...chip.ways.flatMap(({ from: one, to, isClosed }, index) => {
        if (!at.isJoined(one) || !at.isJoined(to)) return [];
        const closed = worked(at, `w${index}`, isClosed(read));
        const across = `V(${at.node(one)},${at.node(to)})`;
        return [
          closed.card,
          `${named('B', at, `s${index}`)} ${at.node(one)} ${at.node(to)} I = ${across}*(1e-9+${closed.volt}/${ohm})`,
        ];
      }),
      ...pinCapacitance(
        at,
        rails.minus,
        [...joined, ...new Set(chip.ways.flatMap((way) => [way.from, way.to]))]
          .filter(at.isJoined)
          .map(at.node),
      ),
      ...ownCurrent(at, rails, at.draw(5e-6, from(1e-7, 4e-4))),
    ];
  },
};
