import { roomCelsius } from '../circuit/heat.ts';
import { normalCdf } from '../pace/normal.ts';
import type { Variant } from './variants.ts';

/** What eyes and ears tell of a part that lights or sounds. `slow`, `fast`: against a good board. */
export const looks = ['off', 'dim', 'on', 'blinks', 'slow', 'fast'] as const;
export type Look = (typeof looks)[number];

/** A part that lights or sounds, as the board stands, or in another way. */
export interface SensePoint {
  readonly place: string;
  readonly sense: 'light' | 'sound';
  readonly when?: Variant;
}

/** Where something can be seen, heard, felt or measured on boards of one kit. */
export interface Points {
  /** A pin of each net but minus, at which a probe is held. */
  readonly probes: readonly string[];
  /** Which of them is at plus of the supply. */
  readonly supply: number;
  /** A pin of minus, for the other probe. */
  readonly minus: string;
  readonly senses: readonly SensePoint[];
  /** Parts that can get warm. */
  readonly warm: readonly string[];
  /** Resistors that a meter on ohms is held across while they are on the board. */
  readonly across: readonly string[];
}

/** What one board shows at all points. */
export interface Shown {
  /** By probe, in volts against minus; the mean where it moves. */
  readonly volts: readonly number[];
  /** By probe: it goes up and down so slowly that the display follows. */
  readonly moves: readonly boolean[];
  readonly milliampere: number;
  /** By sense: what is on it, in mA, and how often it comes and goes. */
  readonly senses: readonly { readonly milliampere: number; readonly hertz: number | null }[];
  /** By warm part. */
  readonly celsius: readonly number[];
}

/** A reading at the printed voltage, and by how much it differs from board to board. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
  /** By how much it goes up with each volt of the supply: most of what differs is how full the cells are. */
  readonly per: number;
}

/** How a part lights or sounds over many boards. */
export interface Sensed {
  /** The logarithm of what is on it, in mA. */
  readonly milliampere: Spread;
  /** How likely it comes and goes: as on a good board, more slowly, faster. */
  readonly comes: { readonly usual: number; readonly slow: number; readonly fast: number };
}

/** What boards with one fault show, as far as made-up boards tell. */
export interface Signature {
  readonly volts: readonly Spread[];
  /** By probe: how likely the display does not come to rest. */
  readonly moves: readonly number[];
  /** As its logarithm to the base of ten, in mA. */
  readonly milliampere: Spread;
  /** Between plus and minus with nothing connected, red probe at plus: the logarithm, in ohms. */
  readonly ohm: Spread | null;
  readonly senses: readonly Sensed[];
  readonly celsius: readonly Spread[];
  /** By resistor: the logarithm of what a meter on ohms shows across it, no supply; null where nothing was found. */
  readonly across: readonly (Spread | null)[];
}

const log = (value: number) => Math.log10(Math.max(value, 1e-3));
/** Darkness and dimness of an LED in a lit room (common practice), in mA; see core/circuit/readings/seen. */
const [darkMilliampere, dimMilliampere] = [0.05, 0.5];

function lookOf({ milliampere, hertz }: Shown['senses'][number], good: number | null): Look {
  if (milliampere < darkMilliampere) return 'off';
  if (hertz !== null) {
    if (good === null) return 'blinks';
    return hertz < good / 1.6 ? 'slow' : hertz > good * 1.6 ? 'fast' : 'blinks';
  }
  return milliampere < dimMilliampere ? 'dim' : 'on';
}

/** What eyes and ears tell of one board, by sense. */
export const looksOf = (
  { senses }: Pick<Shown, 'senses'>,
  goodHertz: readonly (number | null)[],
): Look[] => senses.map((one, sense) => lookOf(one, goodHertz[sense] ?? null));

/** What is known from good boards where there are too few with a fault to tell. */
export interface FromGood {
  readonly volt: number;
  readonly supply: number;
  readonly hertz: readonly (number | null)[];
  readonly signature?: Signature;
}

/** What a board shows without its supply, in ohms. */
export interface UnpoweredShown {
  /** From plus to minus, by different meters; none where nobody can say. */
  readonly ohms: readonly number[];
  /** By resistor. */
  readonly across: readonly (number | null)[];
}

/** Tolerance of resistors and of what lies beside them, as a part of a decade. */
const resistorSd = 0.05;

/** Fewer boards than this do not tell how a reading goes with the supply, nor how far boards differ. */
const fewBoards = 4;
/** So much of the supply readings of other boards may differ then. */
const fewPart = 0.025;
/** So often what a few boards show is not what others do: a swing that a display just follows, or just not. */
const fewDoubt = 0.1;

/**
 * What several boards with the same fault show, as one: means at the printed voltage, how they go with the supply,
 * what is left of spread, and how often each look came.
 */
export function signatureOf(
  shown: readonly Shown[],
  { ohms, across }: UnpoweredShown,
  { volt, supply, hertz, signature: good }: FromGood,
): Signature {
  const first = shown[0];
  const isFew = shown.length < fewBoards;
  const doubt = isFew ? fewDoubt : 0;
  const column = <Value>(of: (one: Shown) => Value) => shown.map(of);
  const above = column(({ volts }) => (volts[supply] ?? volt) - volt);
  // A supply that breaks down tells nothing about how full its cells are.
  const feeds = above.every((by) => Math.abs(by) < 0.4 * Math.abs(volt));
  const alongSupply = (values: readonly number[], usualPer: number, least: number): Spread =>
    fitted(feeds ? above : above.map(() => 0), values, usualPer, least);
  return {
    volts: (first?.volts ?? []).map((usual, probe) => {
      const goodSd = isFew ? Math.max(good?.volts[probe]?.sd ?? 0, fewPart * Math.abs(volt)) : 0;
      const values = column(({ volts }) => volts[probe] ?? 0);
      // The supply is what it is.
      if (probe === supply) return { ...plain(values, Math.max(goodSd, 0.03 * volt)), per: 0 };
      return alongSupply(values, usual / volt, Math.max(goodSd, 0.02 + 0.01 * Math.abs(usual)));
    }),
    moves: (first?.moves ?? []).map((_, probe) =>
      softened(0.5 * doubt + (1 - doubt) * shareOf(column(({ moves }) => moves[probe] === true))),
    ),
    milliampere: alongSupply(
      column(({ milliampere }) => log(milliampere)),
      good?.milliampere.per ?? 0,
      0.05,
    ),
    ohm: ohms.length === 0 ? null : plain(ohms.map(log), 0.12),
    senses: (first?.senses ?? []).map((_, sense) => {
      const seen = column((one) => looksOf(one, hertz)[sense]);
      const share = (look: Look) =>
        doubt / 4 + (1 - doubt) * shareOf(seen.map((one) => one === look));
      const known = good?.senses[sense]?.milliampere;
      return {
        milliampere: alongSupply(
          column(({ senses }) => log(senses[sense]?.milliampere ?? 0)),
          known?.per ?? 0,
          Math.max(0.12, isFew ? (known?.sd ?? 0) : 0),
        ),
        comes: { usual: share('blinks'), slow: share('slow'), fast: share('fast') },
      };
    }),
    celsius: (first?.celsius ?? []).map((_, place) =>
      plain(
        column(({ celsius }) => celsius[place] ?? roomCelsius),
        4,
      ),
    ),
    across: across.map((ohm) => (ohm === null ? null : plain([log(ohm)], resistorSd))),
  };
}

/** The part of boards whose reading is below x. */
export const below = (x: number, { mean, sd }: Pick<Spread, 'mean' | 'sd'>): number =>
  normalCdf((x - mean) / sd);

/** How often eyes are deceived, or ears (common practice). */
const deceived = 0.06;

/** How likely each look is, in the order of `looks`; they sum to one. */
export function lookChances({ milliampere, comes }: Sensed): number[] {
  const dark = below(log(darkMilliampere), milliampere);
  const dim = below(log(dimMilliampere), milliampere) - dark;
  const moving = [comes.usual, comes.slow, comes.fast];
  const still = Math.max(0, 1 - moving.reduce((sum, one) => sum + one, 0));
  const on = 1 - dark - dim;
  const chances = [dark, dim * still, on * still, ...moving.map((one) => (1 - dark) * one)];
  const lost = 1 - chances.reduce((sum, one) => sum + one, 0);
  return chances.map(
    (one) => (1 - deceived) * (one + lost / looks.length) + deceived / looks.length,
  );
}

/** A reading on a board whose supply is so much above what is printed, or is not known. */
export function atSupply({ mean, sd, per }: Spread, { above, sd: supplySd }: KnownSupply): Spread {
  return { mean: mean + per * above, sd: Math.hypot(sd, per * supplySd), per };
}

/** What is known of the supply of a board on the bench. */
export interface KnownSupply {
  /** In volts above what is printed. */
  readonly above: number;
  /** How unsure that is; next to nothing once it is measured. */
  readonly sd: number;
}

/** A line through readings against the supply (least squares); `usualPer` where there are too few of them. */
function fitted(
  above: readonly number[],
  values: readonly number[],
  usualPer: number,
  least: number,
): Spread {
  const mean = (of: readonly number[]) => of.reduce((sum, one) => sum + one, 0) / of.length;
  const [x, y] = [mean(above), mean(values)];
  const squares = above.reduce((sum, one) => sum + (one - x) ** 2, 0);
  const products = above.reduce(
    (sum, one, index) => sum + (one - x) * ((values[index] ?? 0) - y),
    0,
  );
  const per = values.length < fewBoards || squares < 1e-4 ? usualPer : products / squares;
  const rest = values.map((value, index) => value - per * (above[index] ?? 0));
  const { mean: atPrinted, sd } = plain(rest, least);
  return { mean: atPrinted, sd, per };
}

function plain(values: readonly number[], least: number): Spread {
  const mean = values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
  const square = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  const sd = values.length > 1 ? Math.sqrt(square / (values.length - 1)) : 0;
  return { mean, sd: Math.max(sd, least), per: 0 };
}

const shareOf = (are: readonly boolean[]) => are.filter(Boolean).length / Math.max(1, are.length);
const softened = (share: number) => 0.03 + 0.94 * share;
