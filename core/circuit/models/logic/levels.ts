import { from } from '../../spread.ts';
import { typeOf } from '../amounts.ts';
import { latch, stateOf } from '../latch.ts';
import { type At, following, inside, named } from '../model.ts';

/** Where a chip has its supply, as nodes. */
export interface Rails {
  readonly plus: string;
  readonly minus: string;
}

/** What a chip makes of a pin: cards, and an expression that is 0 or 1, or on its way. */
export interface Level {
  readonly cards: readonly string[];
  readonly state: string;
}

/**
 * Thresholds of a Schmitt trigger as parts of the supply: about 0.53 and 0.31 for the 74HC14 at 4.5 V (from memory of
 * its data sheet).
 */
export interface Thresholds {
  readonly upper: number;
  readonly lower: number;
}

export const thresholdsOf = (at: At): Thresholds => ({
  upper: at.draw(0.53, from(0.46, 0.63)),
  lower: at.draw(0.33, from(0.25, 0.4)),
});

/** An input that a board ties to one side of the chip's own supply, which most of them are: nothing moves it. */
function tied(at: At, { plus, minus }: Rails, pin: number): Level | undefined {
  const node = at.node(pin);
  if (node !== plus && node !== minus) return undefined;
  return { cards: [], state: node === plus ? '1' : '0' };
}

/** An input that decides at half the supply; a little slower than what feeds it. */
export function plainInput(at: At, rails: Rails, pin: number): Level {
  const { plus, minus } = rails;
  const volt = `V(${at.node(pin)},${minus})`;
  const supply = `V(${plus},${minus})`;
  const [state, next] = [inside(at, `i${pin}`), inside(at, `j${pin}`)];
  return (
    tied(at, rails, pin) ?? {
      cards: [
        `${named('B', at, `j${pin}`)} ${next} 0 V = 0.5*(1+tanh(40*(${volt}/max(0.5,${supply})-0.5)))`,
        ...following(at, `j${pin}`, { from: next, to: state, seconds: at.flipSeconds / 5 }),
      ],
      state: `V(${state})`,
    }
  );
}

/** An input that turned keeps its side until the other threshold. */
export function schmittInput(
  at: At,
  rails: Rails,
  pin: number,
  { upper, lower }: Thresholds,
): Level {
  const { plus, minus } = rails;
  const of = `i${pin}`;
  return (
    tied(at, rails, pin) ?? {
      cards: latch(
        at,
        of,
        `V(${at.node(pin)},${minus})/max(0.5,V(${plus},${minus}))`,
        upper,
        lower,
      ),
      state: stateOf(at, of),
    }
  );
}

/** The 74 series drives its pins with some 45 Ω, the 4000 series with some 400 Ω (from memory of data sheets). */
export const driveOhm = (at: At): number => (/^74/.test(typeOf(at.part)?.number ?? '') ? 45 : 400);
