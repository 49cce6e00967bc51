import { from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { above } from './latch.ts';
import { figure, type Model, named, worked } from './model.ts';
import { ownCurrent, pinCapacitance, pushPull } from './output.ts';

/** From how much of the reference on each of ten lights comes on: even, in steps of 3 dB, as a volume meter. */
const steps: Readonly<Record<string, readonly number[]>> = {
  LM3914: Array.from({ length: 10 }, (_, index) => (index + 1) / 10),
  LM3915: Array.from({ length: 10 }, (_, index) => 10 ** ((-3 * (9 - index)) / 20)),
  LM3916: [-20, -10, -7, -5, -3, -1, 0, 1, 2, 3].map((decibel) => 10 ** ((decibel - 3) / 20)),
};
const lightPins = [1, 18, 17, 16, 15, 14, 13, 12, 11, 10];
const pins = { minus: 2, plus: 3, low: 4, signal: 5, high: 6, reference: 7, adjust: 8, mode: 9 };

/**
 * Ten comparators on a divider. What the reference gives, ten times as much flows through each light; they are a bar
 * where the mode is tied to plus, else one point.
 */
export const lightRow: Model = {
  id: 'light-row',
  source:
    'LM3914, LM3915, LM3916: reference 1.25 V ± 5 %, divider of 12 kΩ, ten times the current of the reference in each light; from memory of data sheets',
  isActive: true,
  takes: (part) => isType(part, 'comparator') && steps[typeOf(part)?.number ?? ''] !== undefined,
  cards: (at) => {
    const shares = steps[typeOf(at.part)?.number ?? ''] ?? [];
    const rails = { plus: at.node(pins.plus), minus: at.node(pins.minus) };
    const [low, high, signal] = [at.node(pins.low), at.node(pins.high), at.node(pins.signal)];
    const supply = `V(${rails.plus},${rails.minus})`;
    const volt = figure(at.draw(1.25, from(1.19, 1.32)));
    const reference = `max(0,min(V(${at.node(pins.adjust)},${rails.minus})+${volt},${supply}-1.5))`;
    const offset = figure(at.draw(0, from(-0.003, 0.003)));
    const given = worked(at, 'given', `10*max(0,I(${named('V', at, 'oref')}))`);
    const isBar = at.isJoined(pins.mode)
      ? worked(at, 'bar', above(`V(${at.node(pins.mode)},${rails.plus})`, '-0.1'))
      : null;
    const isFed = `min(1,max(0,${supply}-2))`;
    const passed = shares.map((share, index) =>
      worked(
        at,
        `on${index}`,
        above(`V(${signal},${low})+${offset}`, `${figure(share)}*V(${high},${low})`),
      ),
    );
    return [
      ...pushPull(at, 'ref', rails, at.node(pins.reference), reference, 1),
      `${named('B', at, 'adj')} ${rails.plus} ${at.node(pins.adjust)} I = 75e-6*${isFed}`,
      `${named('R', at, 'steps')} ${high} ${low} ${figure(at.draw(12e3, from(8e3, 17e3)))}`,
      `${named('R', at, 'in')} ${signal} ${rails.minus} 20meg`,
      given.card,
      ...(isBar ? [isBar.card] : []),
      ...passed.map(({ card }) => card),
      ...pinCapacitance(at, rails.minus, [at.node(pins.reference)]),
      ...lightPins.flatMap((pin, index) => {
        if (!at.isJoined(pin)) return [];
        const on = passed[index]?.volt ?? '0';
        const next = passed[index + 1]?.volt;
        const isPoint = next === undefined ? '1' : `(1-${next}*(1-${isBar?.volt ?? '0'}))`;
        const out = `V(${at.node(pin)},${rails.minus})`;
        return [
          `${named('B', at, `l${index}`)} ${at.node(pin)} ${rails.minus} I = ${isFed}*${on}*${isPoint}*${given.volt}*tanh(max(0,${out})/0.3)`,
        ];
      }),
      ...ownCurrent(at, rails, at.draw(4e-3, from(2.4e-3, 9e-3))),
    ];
  },
};
