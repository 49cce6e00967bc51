import type { LightColour, Part } from '../../parts/part.ts';
import { from } from '../spread.ts';
import { behaves, colourOf, does, isType, typeOf } from './amounts.ts';
import { type At, ammeter, figure, inside, type Model, named, power } from './model.ts';

/** kT/q at 27 °C. */
const thermalVolt = 0.02585;

export interface Junction {
  /** Forward voltage at the current beside it. */
  readonly volt: number;
  readonly ampere: number;
  /** Ideality: how steep it is. */
  readonly n: number;
  readonly seriesOhm: number;
  readonly breakdownVolt?: number;
}

/** A diode by one point of its curve: IS follows from V, I, n and the series resistance (Shockley’s equation). */
export function junction(at: At, plus: string, minus: string, is: Junction, of = ''): string[] {
  const inner = is.volt - is.ampere * is.seriesOhm;
  const saturation = is.ampere / (Math.exp(inner / (is.n * thermalVolt)) - 1);
  const model = named('D', at, `${of}m`);
  const breakdown =
    is.breakdownVolt === undefined ? '' : ` BV=${figure(is.breakdownVolt)} IBV=1e-5`;
  return [
    `${named('D', at, of)} ${plus} ${minus} ${model}`,
    `.model ${model} D(IS=${figure(saturation)} N=${is.n} RS=${figure(is.seriesOhm)} CJO=5p${breakdown})`,
  ];
}

/** From memory of the data sheets: forward voltage at a current that kits use, and how it spreads. */
export const silicon = {
  volt: 0.7,
  spread: from(0.66, 0.75),
  ampere: 0.01,
  n: 1.9,
  seriesOhm: 0.3,
};
export const rectifying = {
  volt: 0.78,
  spread: from(0.72, 0.85),
  ampere: 0.1,
  n: 1.8,
  seriesOhm: 0.05,
};
const schottky = { volt: 0.3, spread: from(0.25, 0.36), ampere: 0.01, n: 1.06, seriesOhm: 0.2 };

const isDiode = (part: Part) => does(part, 'diode') && typeOf(part) !== undefined;

export const diode: Model = {
  id: 'diode',
  source: 'Shockley’s equation through one point of the data sheet, from memory',
  takes: (part) => isDiode(part) && isType(part, 'diode', 'schottky'),
  watts: (at) => [power(named('D', at))],
  cards: (at) => {
    const type = typeOf(at.part);
    const is =
      type?.kind === 'schottky' ? schottky : (type?.maxAmpere ?? 0) >= 0.8 ? rectifying : silicon;
    const volt = at.draw(is.volt, is.spread);
    return junction(at, at.node(1), at.node(2), {
      ...is,
      volt,
      ...(type?.maxVolt === undefined ? {} : { breakdownVolt: type.maxVolt * 1.2 }),
    });
  },
};

/** Of a Zener diode: by its type, or where lists call it by its voltage alone, `5V1`; no other diode is called so. */
function zenerVolt(part: Part): number | undefined {
  if (!does(part, 'diode')) return undefined;
  if (typeOf(part)) return isType(part, 'zener') ? typeOf(part)?.volt : undefined;
  const [, whole, tenths] =
    (part.value.kind === 'type' && /^(\d{1,3})V(\d?)$/i.exec(part.value.print)) || [];
  return whole === undefined ? undefined : Number(`${whole}.${tenths || 0}`);
}

export const zener: Model = {
  id: 'zener',
  source: 'breakdown at its voltage ± 5 % (usual grade); forward as a silicon diode',
  takes: (part) => zenerVolt(part) !== undefined,
  watts: (at) => [power(named('D', at))],
  cards: (at) => {
    const volt = zenerVolt(at.part) ?? 0;
    return junction(at, at.node(1), at.node(2), {
      ...silicon,
      // At 5 mA; the model’s breakdown is at 10 µA.
      breakdownVolt: at.draw(volt, { kind: 'percent', above: 5, below: 5 }) - 0.15,
    });
  },
};

/**
 * Forward voltage at 10 mA by colour, and its spread (from memory of data sheets): red, orange, yellow about 2 V, blue
 * and white about 3.1 V. Green comes in both: the usual one of old has 2.1 V, the bright one about 3 V.
 */
export const lights: Readonly<Record<LightColour, { volt: number; least: number; most: number }>> =
  {
    red: { volt: 1.95, least: 1.8, most: 2.1 },
    orange: { volt: 2, least: 1.85, most: 2.15 },
    yellow: { volt: 2.05, least: 1.9, most: 2.2 },
    green: { volt: 2.15, least: 2, most: 2.35 },
    blue: { volt: 3.1, least: 2.85, most: 3.35 },
    white: { volt: 3.1, least: 2.85, most: 3.35 },
  };

function lightCards(at: At, volt: number, least: number, most: number): string[] {
  const middle = inside(at, 'a');
  return [
    ammeter(at, at.node(1), middle, 'led'),
    ...junction(at, middle, at.node(2), {
      volt: at.draw(volt, from(least, most)),
      ampere: 0.01,
      n: 2,
      seriesOhm: volt > 2.5 ? 12 : 5,
    }),
  ];
}

export const light: Model = {
  id: 'light',
  source: 'forward voltage at 10 mA by colour, from memory of data sheets',
  meters: ['led'],
  watts: (at) => [power(named('D', at))],
  takes: (part) => does(part, 'light') && colourOf(part) !== undefined,
  assumes: (part) => (colourOf(part) === 'green' ? 'usual-led' : null),
  cards: (at) => {
    const { volt, least, most } = lights[colourOf(at.part) ?? 'red'];
    return lightCards(at, volt, least, most);
  },
};

export const infraredLight: Model = {
  id: 'infrared-light',
  source: 'forward voltage 1.2 V at 10 mA, from memory of data sheets',
  takes: (part) => behaves(part, 'infrared-led'),
  cards: (at) => lightCards(at, 1.2, 1.1, 1.35),
};

export const filament: Model = {
  id: 'filament',
  source:
    'a small lamp takes some tens of milliamperes; cold a tenth of its resistance (common practice)',
  meters: ['led'],
  watts: (at) => [power(named('R', at))],
  takes: (part) => behaves(part, 'filament'),
  cards: (at) => [
    ammeter(at, at.node(1), inside(at, 'f'), 'led'),
    `${named('R', at)} ${inside(at, 'f')} ${at.node(2)} ${figure(at.draw(80, { kind: 'factor', from: 40, to: 160 }))}`,
  ],
};
