import type { LightColour, Part } from '../../parts/part.ts';
import { from } from '../spread.ts';
import { behaves, colourOf, does, isType, typeOf } from './amounts.ts';
import { junction, lights } from './diodes.ts';
import { hasLeads, leadsNamed } from './leads.ts';
import { segments } from './logic/segments.ts';
import { type At, ammeter, inside, type Model, named, power } from './model.ts';

const lit = (
  at: At,
  plus: string,
  minus: string,
  colour: LightColour,
  of: string,
  ampere = 0.01,
) => {
  const { volt, least, most } = lights[colour];
  return junction(
    at,
    plus,
    minus,
    { volt: at.draw(volt, from(least, most)), ampere, n: 2, seriesOhm: (0.08 * volt) / ampere / 3 },
    of,
  );
};

export const powerLight: Model = {
  id: 'power-light',
  source: 'forward voltage at 350 mA by colour, from memory of data sheets',
  meters: ['led'],
  takes: (part) => behaves(part, 'power-led') && colourOf(part) !== undefined,
  watts: (at) => [power(named('D', at, 'p'))],
  cards: (at) => [
    ammeter(at, at.node(1), inside(at, 'a'), 'led'),
    ...lit(at, inside(at, 'a'), at.node(2), colourOf(at.part) ?? 'white', 'p', 0.35),
  ],
};

const colours = ['red', 'green', 'blue'] as const;
const isOfMany = (part: Part) =>
  behaves(part, 'two-colour-led') || behaves(part, 'three-colour-led');

/** Two colours against each other on two leads; else several with one lead in common. */
export const manyColours: Model = {
  id: 'many-colours',
  source: 'forward voltages by colour, from memory of data sheets',
  meters: ['led'],
  takes: (part) =>
    (behaves(part, 'two-colour-led') && part.pins === 2) ||
    (isOfMany(part) &&
      (hasLeads(['red', 'anode'])({ part }) || hasLeads(['red', 'cathode'])({ part }))),
  wants: { of: isOfMany, leads: [...colours, 'anode', 'cathode'] },
  cards: (at) => {
    const inner = inside(at, 'm');
    if (behaves(at.part, 'two-colour-led') && at.part.pins === 2) {
      return [
        ammeter(at, at.node(1), inner, 'led'),
        ...lit(at, inner, at.node(2), 'red', 'one'),
        ...lit(at, at.node(2), inner, 'green', 'other'),
      ];
    }
    const [anode] = leadsNamed(at, 'anode');
    const [common = '0'] = anode === undefined ? leadsNamed(at, 'cathode') : [anode];
    return [
      anode === undefined ? ammeter(at, inner, common, 'led') : ammeter(at, common, inner, 'led'),
      ...colours.flatMap((colour) =>
        leadsNamed(at, colour).flatMap((node) =>
          anode === undefined
            ? lit(at, node, inner, colour, colour)
            : lit(at, inner, node, colour, colour),
        ),
      ),
    ];
  },
};

/** One digit of ten pins, segments by their letters, the common one at pins 3 and 8 (from memory of data sheets). */
const segmentPins = { a: 7, b: 6, c: 4, d: 2, e: 1, f: 9, g: 10 } as const;
const pointPin = 5;

export const digit: Model = {
  id: 'digit',
  source:
    'one red digit of ten pins; forward voltage 1.8 to 2.1 V a segment, from memory of data sheets',
  meters: ['led'],
  takes: (part) =>
    does(part, 'display') && isType(part, 'display') && /^one digit/.test(typeOf(part)?.does ?? ''),
  cards: (at) => {
    const isAnode = /anode/.test(typeOf(at.part)?.does ?? '');
    const [common, inner] = [inside(at, 'c'), inside(at, 'm')];
    const pins = [...segments.map((one) => segmentPins[one]), pointPin].filter(at.isJoined);
    return [
      ...[3, 8].map((pin) => `${named('R', at, `c${pin}`)} ${at.node(pin)} ${common} 0.1`),
      isAnode ? ammeter(at, common, inner, 'led') : ammeter(at, inner, common, 'led'),
      ...pins.flatMap((pin) =>
        isAnode
          ? lit(at, inner, at.node(pin), 'red', `s${pin}`)
          : lit(at, at.node(pin), inner, 'red', `s${pin}`),
      ),
    ];
  },
};
