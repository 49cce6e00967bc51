import { from } from '../../spread.ts';
import { isType, typeOf } from '../amounts.ts';
import { latch, stateOf } from '../latch.ts';
import { type At, figure, following, inside, type Model, named, worked } from '../model.ts';
import { ownCurrent, pinCapacitance, pullDown, pushPull, threeState } from '../output.ts';
import { type Bit, both, not, type ReadsPin, type Share } from './bits.ts';
import { driveOhm, schmittInput, thresholdsOf } from './levels.ts';

/** What keeps a number: takes over its input when its clock rises; while it is cleared or set it does not listen. */
export interface Register {
  /** Any expression; where it speaks of what is kept, of what was kept before. */
  readonly data: string;
  readonly clock: Bit;
  readonly clear?: Bit;
  /** To one, or to another number: a figure, or an expression. */
  readonly set?: Bit;
  readonly setTo?: number | string;
  /** Follows its input as long as its clock is high. */
  readonly isTransparent?: true;
  /** It counts: while it is cleared it runs back past all other numbers, which no output may show. */
  readonly isCount?: true;
}

/** What a register keeps, by its place among them. */
export type Kept = (index: number) => string;

/** A chip that remembers: its pins, what it keeps, and what its outputs make of that. */
export interface ClockedChip {
  /** Numbers without what stands between 74 and the function. */
  readonly numbers: RegExp;
  readonly plus: number;
  readonly minus: number;
  /** Pins that are read; see `unjoinedReads`. */
  readonly ins: readonly number[];
  /** In their order; each may speak of all of them. */
  readonly registers: (read: ReadsPin, kept: Kept) => Register[];
  readonly outs: (read: ReadsPin, kept: Kept, share: Share) => readonly (readonly [number, Bit])[];
  /** The slowest output comes round once in so many rounds of the clock. */
  readonly divides: number;
  /** Its outputs only pull down. */
  readonly isOpen?: true;
  /** Whether an output lets go of what it is joined to. */
  readonly letsGo?: (read: ReadsPin, out: number) => Bit;
}

interface Forcing {
  readonly cards: readonly string[];
  /** From 0 to 1. */
  readonly volt: string;
}
const unforced: Forcing = { cards: [], volt: '0' };

/** It begins when the outputs have let go. */
function forcedBy(at: At, of: string, ...latched: readonly string[]): Forcing {
  const on = worked(at, `f${of}`, `0.5*(1+tanh(40*(${stateOf(at, of)}-0.85)))`);
  return { cards: [...latched, on.card], volt: on.volt };
}

/** What clears a bit goes on, once begun, until it is cleared: its own output may be what asks for it. */
const forcing = (at: At, of: string, asks: string, kept: string): Forcing =>
  forcedBy(
    at,
    of,
    ...latch(at, of, `${asks}+${stateOf(at, of)}*tanh(50*${kept}*${kept})`, 0.6, 0.4),
  );

/**
 * What forces a count begins when it has been asked for longer than outputs that change together are both high, and
 * goes on for long enough after: what was counted to may be what asks for it.
 */
function lastingForcing(at: At, of: string, asks: string): Forcing {
  const [asked, lasting] = [inside(at, `n${of}`), inside(at, `l${of}`)];
  return forcedBy(
    at,
    of,
    `${named('B', at, `n${of}`)} ${asked} 0 V = ${asks}`,
    ...following(at, `l${of}`, { from: asked, to: lasting, seconds: at.flipSeconds * 2 }),
    ...latch(at, of, `V(${lasting})`, 0.75, 0.25),
  );
}

/**
 * A number held by a capacitor that follows its input through an open gate: a master listens while the clock is low, a
 * slave takes over while it is high, and neither in between. Far fewer nodes than the gates of the real one.
 */
function registerCards(at: At, index: number, is: Register, share: Share): string[] {
  const { data, clock, clear: clearing = '0', set = '0', setTo = 1, isTransparent, isCount } = is;
  const clears = (asks: string): Forcing =>
    isCount
      ? lastingForcing(at, `z${index}`, asks)
      : forcing(at, `z${index}`, asks, `V(${inside(at, `r${index}`)})`);
  const clear = clearing === '0' ? unforced : clears(clearing);
  const sets: Forcing =
    isCount && set !== '0' ? lastingForcing(at, `s${index}`, set) : { cards: [], volt: set };
  const held = (of: string, gate: string, input: string): string[] => {
    const node = inside(at, of);
    // All stages of a chip listen by the same clock.
    const open = share(`g${of}`, both(not(clear.volt), not(sets.volt), gate));
    const follows = `${open}*(${input}-V(${node}))`;
    const towards =
      sets.volt === '0' ? '' : `+${sets.volt}*(1-${clear.volt})*(${setTo}-V(${node}))`;
    const cleared = clear.volt === '0' ? '' : `-${clear.volt}*V(${node})`;
    return [
      `${named('B', at, of)} 0 ${node} I = 1e-6*(${follows}${towards}${cleared})`,
      `${named('C', at, of)} ${node} 0 ${figure(at.flipSeconds / 1e7)}`,
      // At rest nothing else may hold it; in all of a run over time it loses less than a thousandth by this.
      `${named('R', at, of)} ${node} 0 1e15`,
    ];
  };
  const low = `0.5*(1+tanh(40*(0.25-${clock})))`;
  const high = `0.5*(1+tanh(40*(${clock}-0.75)))`;
  const forced = [...clear.cards, ...sets.cards];
  if (isTransparent) return [...forced, ...held(`r${index}`, high, data)];
  return [
    ...forced,
    ...held(`m${index}`, low, data),
    ...held(`r${index}`, high, `V(${inside(at, `m${index}`)})`),
  ];
}

/**
 * An input that is joined to nothing is high on bipolar logic; on CMOS nobody knows, and low is taken (from memory of
 * data sheets).
 */
const unjoinedReads = (at: At): Bit =>
  /^74(LS|ALS|AS|S|F|L|H)?\d/.test(typeOf(at.part)?.number ?? '') ? '1' : '0';

/** The cards of a chip that remembers. Inputs have some hysteresis, so that a slow clock counts once. */
export function clockedCards(at: At, chip: ClockedChip): string[] {
  const rails = { plus: at.node(chip.plus), minus: at.node(chip.minus) };
  const thresholds = thresholdsOf(at);
  const levels = new Map(
    chip.ins
      .filter(at.isJoined)
      .map((pin) => [pin, schmittInput(at, rails, pin, thresholds)] as const),
  );
  const read = (pin: number): Bit => levels.get(pin)?.state ?? unjoinedReads(at);
  const kept: Kept = (index) => `V(${inside(at, `r${index}`)})`;
  const shared = new Shared(at);
  const outs = chip.outs(read, kept, shared.share).filter(([pin]) => at.isJoined(pin));
  const registers = chip.registers(read, kept);
  const used = usedRegisters(registers, outs, kept, shared);
  const keeping = used.flatMap(([index, register]) =>
    registerCards(at, index, register, shared.share),
  );
  const atZero = new Map(chip.outs(read, () => '0', shared.inPlace));
  const shown = (pin: number, high: Bit): Bit => {
    const index = registers.findIndex(
      ({ isCount, clear }, index) =>
        isCount && clear !== undefined && clear !== '0' && shared.speaksOf(high, kept(index)),
    );
    if (index < 0) return high;
    const clears = stateOf(at, `z${index}`);
    return `((1-${clears})*${high}+${clears}*${atZero.get(pin) ?? '0'})`;
  };
  return [
    ...pinCapacitance(
      at,
      rails.minus,
      [...levels.keys(), ...outs.map(([pin]) => pin)].map(at.node),
    ),
    ...[...levels.values()].flatMap(({ cards }) => cards),
    ...keeping,
    ...shared.cardsFor([...keeping, ...outs.map(([, high]) => high)]),
    ...outs.flatMap(([pin, high]) => {
      const out = worked(at, `q${pin}`, shown(pin, high));
      if (chip.isOpen) {
        const isOn = `min(1,max(0,V(${rails.plus},${rails.minus})-1.5))*(1-${out.volt})`;
        return [out.card, pullDown(at, `q${pin}`, at.node(pin), rails.minus, isOn, 0.04)];
      }
      const volt = `max(0,V(${rails.plus},${rails.minus}))*${out.volt}`;
      const goes = [at, `p${pin}`, rails, at.node(pin), volt, driveOhm(at)] as const;
      return [
        out.card,
        ...(chip.letsGo ? threeState(...goes, not(chip.letsGo(read, pin))) : pushPull(...goes)),
      ];
    }),
    ...ownCurrent(at, rails, at.draw(2e-5, from(1e-6, 4e-4))),
  ];
}

/** What parts of a chip share, each with a node of its own. */
class Shared {
  readonly #at: At;
  readonly #expressions = new Map<string, { readonly card: string; readonly expression: string }>();

  constructor(at: At) {
    this.#at = at;
  }

  readonly share: Share = (of, expression) => {
    for (const [same, one] of this.#expressions) if (one.expression === expression) return same;
    const { card, volt } = worked(this.#at, of, expression);
    this.#expressions.set(volt, { card, expression });
    return volt;
  };

  /** For an expression that is written out once. */
  readonly inPlace: Share = (_, expression) => `(${expression})`;

  /** Whether an expression depends on a voltage, by itself or by what it shares. */
  speaksOf(bit: Bit, volt: string): boolean {
    return (
      bit.includes(volt) ||
      [...this.#expressions].some(
        ([of, { expression }]) => bit.includes(of) && this.speaksOf(expression, volt),
      )
    );
  }

  /** Of what these speak of. */
  cardsFor(those: readonly string[]): string[] {
    return [...this.#expressions].flatMap(([volt, { card }]) =>
      those.some((one) => this.speaksOf(one, volt)) ? [card] : [],
    );
  }
}

/** Only what an output that is joined to something depends on: a counter of 14 stages is seldom used to its end. */
function usedRegisters(
  registers: readonly Register[],
  outs: readonly (readonly [number, Bit])[],
  kept: Kept,
  shared: Shared,
): (readonly [number, Register])[] {
  const used = new Set<number>();
  const look = (...bits: readonly (Bit | undefined)[]) => {
    for (const [index, register] of registers.entries()) {
      if (used.has(index) || !bits.some((bit) => bit && shared.speaksOf(bit, kept(index))))
        continue;
      used.add(index);
      look(register.data, register.clock, register.clear, register.set);
    }
  };
  look(...outs.map(([, high]) => high));
  return registers.flatMap((register, index) => (used.has(index) ? [[index, register]] : []));
}

/** Whether it keeps what was; what only follows its inputs is worked out at rest. */
const keeps = ({ registers }: ClockedChip): boolean =>
  registers(
    () => '0',
    () => '0',
  ).some(({ isTransparent }) => !isTransparent);

/** Whether what it shows depends on what was before, and not only while it is told to hold. */
const remembers = (chip: ClockedChip | undefined): boolean =>
  (
    chip?.registers(
      () => '0',
      () => '0',
    ) ?? []
  ).some(({ isTransparent, set }) => !isTransparent || set !== undefined);

/** A model for the chips of a table. */
export const clockedModel = (id: string, chips: readonly ClockedChip[]): Model => {
  const chipOf = (part: At['part']) => {
    const number = typeOf(part)?.number ?? '';
    return chips.find(({ numbers }) => numbers.test(number));
  };
  return {
    id,
    source: 'what it does and its pins from memory of data sheets; it begins at nothing',
    isActive: true,
    ...(chips.some(keeps) ? { needsTime: true } : {}),
    takes: (part) => isType(part, 'logic') && chipOf(part) !== undefined,
    divides: (part) => chipOf(part)?.divides ?? 1,
    assumes: (part) => (remembers(chipOf(part)) ? 'begins-empty' : null),
    cards: (at) => {
      const chip = chipOf(at.part);
      return chip ? clockedCards(at, chip) : [];
    },
  };
};
