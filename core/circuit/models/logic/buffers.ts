import { either, not, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

/** Inputs handed on to outputs that can let go; each group by a condition of its own. */
interface Group {
  readonly ways: readonly (readonly [from: number, to: number])[];
  readonly letsGo: (read: ReadsPin) => string;
}

const buffers = (
  numbers: RegExp,
  {
    plus,
    minus,
    others,
    inverts = false,
  }: {
    readonly plus: number;
    readonly minus: number;
    readonly others: readonly number[];
    readonly inverts?: boolean;
  },
  groups: readonly Group[],
): ClockedChip => {
  const ways = groups.flatMap((group) => group.ways);
  return {
    numbers,
    plus,
    minus,
    ins: [...ways.map(([from]) => from), ...others],
    divides: 1,
    letsGo: (read, out) =>
      groups.find((group) => group.ways.some(([, to]) => to === out))?.letsGo(read) ?? '0',
    registers: () => [],
    outs: (read) => ways.map(([from, to]) => [to, inverts ? not(read(from)) : read(from)] as const),
  };
};

const four = (isLow: boolean): Group[] =>
  [
    [1, 2, 3],
    [4, 5, 6],
    [10, 9, 8],
    [13, 12, 11],
  ].map(([enable = 0, from = 0, to = 0]) => ({
    ways: [[from, to]],
    letsGo: (read) => (isLow ? read(enable) : not(read(enable))),
  }));

const twoOfFour: readonly Group[] = [
  {
    ways: [
      [2, 18],
      [4, 16],
      [6, 14],
      [8, 12],
    ],
    letsGo: (read) => read(1),
  },
  {
    ways: [
      [11, 9],
      [13, 7],
      [15, 5],
      [17, 3],
    ],
    letsGo: (read) => read(19),
  },
];

const at14 = { plus: 14, minus: 7, others: [1, 4, 10, 13] };
const at20 = { plus: 20, minus: 10, others: [1, 19] };

/** Pins from memory of data sheets. */
export const buffer = clockedModel('buffer', [
  buffers(/^74[A-Z]*125$/, at14, four(true)),
  buffers(/^74[A-Z]*126$/, at14, four(false)),
  buffers(/^74[A-Z]*240$/, { ...at20, inverts: true }, twoOfFour),
  buffers(/^74[A-Z]*244$/, at20, twoOfFour),
  buffers(/^74[A-Z]*541$/, at20, [
    {
      ways: [2, 3, 4, 5, 6, 7, 8, 9].map((from) => [from, 20 - from] as const),
      letsGo: (read) => either(read(1), read(19)),
    },
  ]),
]);
