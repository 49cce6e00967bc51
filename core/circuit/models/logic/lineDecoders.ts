import { allLow, type Bit, both, isNumber, isOne, not, type ReadsPin } from './bits.ts';
import { type ClockedChip, clockedModel } from './clocked.ts';

/** A number in binary to one of many outputs; several alike may share a body. */
interface Lines {
  readonly ins: readonly number[];
  readonly outs: readonly number[];
  /** While it does not hold, no output is chosen. */
  readonly isEnabled?: (read: ReadsPin) => Bit;
}

const lines = (
  numbers: RegExp,
  { isLow = false, plus = 16, minus = 8, ...how }: How,
  decoders: readonly Lines[],
): ClockedChip => ({
  numbers,
  plus,
  minus,
  ins: [...decoders.flatMap(({ ins }) => ins), ...(how.others ?? [])],
  divides: 1,
  ...(how.isOpen ? { isOpen: how.isOpen } : {}),
  registers: () => [],
  outs: (read) =>
    decoders.flatMap(({ ins, outs, isEnabled }) =>
      outs.map((pin, value) => {
        const is = isNumber(value, ins.map(read));
        const chosen = isEnabled ? both(isEnabled(read), is) : is;
        return [pin, isLow ? not(chosen) : chosen] as const;
      }),
    ),
});

interface How {
  /** The chosen output is allLow, all others high. */
  readonly isLow?: boolean;
  readonly isOpen?: true;
  readonly plus?: number;
  readonly minus?: number;
  /** Pins that enable or inhibit. */
  readonly others?: readonly number[];
}

const at42: Lines = { ins: [15, 14, 13, 12], outs: [1, 2, 3, 4, 5, 6, 7, 9, 10, 11] };
const twoOf74139: readonly Lines[] = [
  { ins: [2, 3], outs: [4, 5, 6, 7], isEnabled: allLow(1) },
  { ins: [14, 13], outs: [12, 11, 10, 9], isEnabled: allLow(15) },
];

/** Keeps its number while pin 1 is low. */
const ofSixteen = (numbers: RegExp, isLow: boolean): ClockedChip => ({
  numbers,
  plus: 24,
  minus: 12,
  ins: [1, 2, 3, 21, 22, 23],
  divides: 1,
  registers: (read) =>
    [2, 3, 21, 22].map((pin) => ({ data: read(pin), clock: read(1), isTransparent: true })),
  outs: (read, kept) =>
    [11, 9, 10, 8, 7, 6, 5, 4, 18, 17, 20, 19, 14, 13, 16, 15].map((pin, value) => {
      const bits = [0, 1, 2, 3].map((index) => isOne(kept(index)));
      const chosen = both(not(read(23)), isNumber(value, bits));
      return [pin, isLow ? not(chosen) : chosen] as const;
    }),
});

/** Pins from memory of data sheets. */
export const lineDecoder = clockedModel('line-decoder', [
  lines(/^4028$/, {}, [{ ins: [10, 13, 12, 11], outs: [3, 14, 2, 15, 1, 6, 7, 4, 9, 5] }]),
  lines(/^74[A-Z]*42$/, { isLow: true }, [at42]),
  lines(/^74[A-Z]*145$/, { isLow: true, isOpen: true }, [at42]),
  lines(/^74[A-Z]*138$/, { isLow: true, others: [4, 5, 6] }, [
    {
      ins: [1, 2, 3],
      outs: [15, 14, 13, 12, 11, 10, 9, 7],
      isEnabled: (read) => both(read(6), allLow(4, 5)(read)),
    },
  ]),
  lines(/^74[A-Z]*139$/, { isLow: true, others: [1, 15] }, twoOf74139),
  lines(/^4556$/, { isLow: true, others: [1, 15] }, twoOf74139),
  lines(/^4555$/, { others: [1, 15] }, twoOf74139),
  lines(/^74[A-Z]*154$/, { isLow: true, plus: 24, minus: 12, others: [18, 19] }, [
    {
      ins: [23, 22, 21, 20],
      outs: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 13, 14, 15, 16, 17],
      isEnabled: allLow(18, 19),
    },
  ]),
  ofSixteen(/^4514$/, false),
  ofSixteen(/^4515$/, true),
]);
