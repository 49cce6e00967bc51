import { factor, from } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { hasLeads, lead, makers } from './leads.ts';
import { figure, type Model, named } from './model.ts';
import { ownCurrent, pushPull } from './output.ts';

/** Volts at 0 °C and for each degree, by number (from memory of data sheets). */
const slopes: Readonly<Record<string, readonly [number, number]>> = {
  LM35: [0, 0.01],
  TMP35: [0, 0.01],
  LM34: [0.32, 0.018],
  LM61: [0.6, 0.01],
  TMP36: [0.5, 0.01],
  TMP37: [0, 0.02],
  MCP9700: [0.5, 0.01],
  MCP9701: [0.4, 0.0195],
};

export const thermometer: Model = {
  id: 'thermometer',
  source: 'volts a degree by number, ± 2 °C, at 18 to 26 °C; from memory of data sheets',
  states: ['room-warm', 'hand-warm'],
  assumes: makers,
  takes: (part) =>
    isType(part, 'temperature-sensor') &&
    slopes[typeOf(part)?.number ?? ''] !== undefined &&
    hasLeads(['supply', 'output', 'ground'])({ part }),
  cards: (at) => {
    const [zero, slope] = slopes[typeOf(at.part)?.number ?? ''] ?? [0, 0.01];
    const celsius =
      at.state === 'hand-warm' ? at.draw(32, from(28, 35)) : at.draw(22, from(16, 28));
    const rails = { plus: lead(at, 'supply'), minus: lead(at, 'ground') };
    return [
      ...pushPull(
        at,
        't',
        rails,
        lead(at, 'output'),
        `min(max(0,V(${rails.plus},${rails.minus})-1),${figure(zero + slope * celsius)})`,
        50,
      ),
      ...ownCurrent(at, rails, at.draw(6e-5, factor(1e-5, 1.5e-4))),
    ];
  },
};

/** What these take, and the resistor from output to plus in them, where there is one; they report by pulling down. */
const waiting: Readonly<
  Partial<Record<string, { readonly ampere: number; readonly pullUpOhm?: number }>>
> = {
  'infrared-detector': { ampere: 8e-4, pullUpOhm: 30_000 },
  'hall-sensor': { ampere: 5e-3 },
};

/** Sensors that have seen nothing yet. */
export const waitingSensor: Model = {
  id: 'waiting-sensor',
  source: 'at rest: its output does not pull down; own current from memory of data sheets',
  assumes: makers,
  takes: (part) =>
    isType(part, 'infrared-detector', 'hall-sensor') &&
    typeOf(part)?.number !== 'SS49E' &&
    hasLeads(['supply', 'output', 'ground'])({ part }),
  cards: (at) => {
    const { ampere, pullUpOhm } = waiting[typeOf(at.part)?.kind ?? ''] ?? { ampere: 1e-3 };
    const rails = { plus: lead(at, 'supply'), minus: lead(at, 'ground') };
    return [
      ...ownCurrent(at, rails, at.draw(ampere, factor(ampere / 2, ampere * 1.8))),
      `${named('R', at, 'o')} ${lead(at, 'output')} ${rails.plus} ${figure(pullUpOhm ?? 1e8)}`,
    ];
  },
};

/** A Hall sensor with no magnet near: half its supply (from memory of its data sheet). */
export const restingHall: Model = {
  id: 'resting-hall',
  source: 'no magnet near: half its supply ± 5 %, some 6 mA; from memory of its data sheet',
  assumes: makers,
  takes: (part) =>
    typeOf(part)?.number === 'SS49E' && hasLeads(['supply', 'output', 'ground'])({ part }),
  cards: (at) => {
    const rails = { plus: lead(at, 'supply'), minus: lead(at, 'ground') };
    const half = at.draw(0.5, from(0.475, 0.525));
    return [
      ...pushPull(
        at,
        't',
        rails,
        lead(at, 'output'),
        `${figure(half)}*max(0,V(${rails.plus},${rails.minus}))`,
        100,
      ),
      ...ownCurrent(at, rails, at.draw(6e-3, from(4e-3, 1e-2))),
    ];
  },
};
