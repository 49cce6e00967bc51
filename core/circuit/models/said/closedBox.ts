import type { PinDeed, SaidPin } from '../../notes.ts';
import { factor, from } from '../../spread.ts';
import { type At, figure, type Model, named } from '../model.ts';
import { pushPull } from '../output.ts';

/** Pins that drive have some tens of ohms in them (common practice for programmed chips: 25 to 100 Ω). */
const driveOhm = factor(25, 100);

interface Rails {
  readonly plus: string;
  readonly minus: string;
}

/** What the chip makes of one pin. */
const deeds: Readonly<Record<PinDeed, (at: At, pin: SaidPin, rails: Rails) => readonly string[]>> =
  {
    nothing: () => [],
    plus: () => [],
    minus: () => [],
    high: (at, { pin }, rails) =>
      pushPull(
        at,
        `p${word(pin)}`,
        rails,
        at.node(pin),
        `max(0,V(${rails.plus},${rails.minus}))`,
        at.draw(45, driveOhm),
      ),
    low: (at, { pin }, rails) =>
      pushPull(at, `p${word(pin)}`, rails, at.node(pin), '0', at.draw(45, driveOhm)),
    swings: (at, { pin, amount = 1 }, rails) => {
      const beat = `x_${word(at.place)}_beat${word(pin)}`.toLowerCase();
      const period = 1 / at.draw(amount, from(amount * 0.97, amount * 1.03));
      return [
        `${named('V', at, `beat${word(pin)}`)} ${beat} 0 pulse(0 1 0 ${figure(period / 200)} ${figure(period / 200)} ${figure(period * 0.495)} ${figure(period)})`,
        ...pushPull(
          at,
          `p${word(pin)}`,
          rails,
          at.node(pin),
          `max(0,V(${rails.plus},${rails.minus}))*V(${beat})`,
          at.draw(45, driveOhm),
        ),
      ];
    },
    'gives-volts': (at, { pin, amount = 0 }, rails) =>
      pushPull(
        at,
        `p${word(pin)}`,
        rails,
        at.node(pin),
        `max(0,min(V(${rails.plus},${rails.minus}),${figure(at.draw(amount, { kind: 'percent', above: 4, below: 4 }))}))`,
        at.draw(10, factor(3, 30)),
      ),
    'takes-current': (at, { pin, amount = 0 }, rails) => {
      const ampere = at.draw(amount / 1000, factor(amount / 1500, amount / 700));
      return [
        `${named('B', at, `t${word(pin)}`)} ${at.node(pin)} ${rails.minus} I = ${figure(ampere)}*min(1,max(0,(V(${at.node(pin)},${rails.minus})-0.5)/1.5))`,
      ];
    },
  };

const word = (text: string) => text.replace(/[^A-Za-z0-9]/g, '_');

/**
 * A part of which only what its pins do is known: a programmed chip, a module. An output takes what it gives from the
 * pin that is said to be plus, and gives what it takes to the one that is minus.
 */
export const closedBox = (pins: readonly SaidPin[]): Model => {
  const pinThat = (does: PinDeed) => pins.find((pin) => pin.does === does)?.pin;
  return {
    id: 'said-pins',
    source: 'what each pin does: the instructor',
    takes: () => true,
    assumes: () => 'said',
    ...(pins.some(({ does }) => does === 'swings')
      ? {
          needsTime: true as const,
          swingsHertz: Math.min(
            ...pins.flatMap(({ does, amount = 1 }) => (does === 'swings' ? [amount] : [])),
          ),
        }
      : {}),
    cards: (at) => {
      const rails = {
        plus: at.node(pinThat('plus') ?? '?plus'),
        minus: pinThat('minus') === undefined ? '0' : at.node(pinThat('minus') ?? ''),
      };
      return pins.flatMap((pin) => (at.isJoined(pin.pin) ? deeds[pin.does](at, pin, rails) : []));
    },
  };
};
