import type { Part } from '../../parts/part.ts';
import { factor } from '../spread.ts';
import { behaves } from './amounts.ts';
import { ammeter, figure, inside, type Model, named, power } from './model.ts';

/** Words for one that needs a tone fed to it. */
const passive =
  /\b(passive?|passiv\w*|piezo ?disc|piezoscheibe|transducer|ohne elektronik|pasivo)\b/i;

const isPassive = (part: Part): boolean => behaves(part, 'piezo') || passive.test(part.description);

/** What a disc turns to sound and warmth, as a resistance (from memory of data sheets). */
const passiveOhm = 20_000;

/** With its own oscillator: some 5 to 30 mA at its voltage; below about 1.5 V nothing (from memory of data sheets). */
export const sounder: Model = {
  id: 'sounder',
  source: 'active buzzer, 5 to 30 mA, from memory of data sheets; passive ones as 20 nF',
  meters: ['snd'],
  takes: (part) => behaves(part, 'sounder') || behaves(part, 'piezo'),
  assumes: (part) => (isPassive(part) ? null : 'active-buzzer'),
  cards: (at) => {
    const inner = inside(at, 'p');
    // Beside the ammeter: what charges it at an edge is no sound.
    const capacitance = `${named('C', at)} ${at.node(1)} ${at.node(2)} 20n`;
    const through = ammeter(at, at.node(1), inner, 'snd');
    if (isPassive(at.part)) {
      return [through, capacitance, `${named('R', at)} ${inner} ${at.node(2)} ${passiveOhm}`];
    }
    const ampere = at.draw(0.012, factor(0.005, 0.03));
    const volt = `V(${inner},${at.node(2)})`;
    return [
      through,
      capacitance,
      `${named('B', at)} ${inner} ${at.node(2)} I = ${figure(ampere)}*max(0,tanh((${volt}-1)/2))`,
    ];
  },
};

export const voiceCoil: Model = {
  id: 'voice-coil',
  source:
    'its impedance, of which nine tenths are the wire’s resistance (common practice); 8 Ω where nothing is said',
  meters: ['snd'],
  takes: (part) => behaves(part, 'voice-coil'),
  cards: (at) => {
    const { value } = at.part;
    const ohm = value.kind === 'amount' && value.unit === 'ohm' ? value.amount : 8;
    const inner = inside(at, 'v');
    return [
      ammeter(at, at.node(1), inner, 'snd'),
      `${named('R', at)} ${inner} ${inside(at, 'w')} ${figure(ohm * 0.9)}`,
      `${named('L', at)} ${inside(at, 'w')} ${at.node(2)} 3e-4`,
    ];
  },
};

/** A small brush motor that runs freely; stalled it takes several times as much. */
export const rotor: Model = {
  id: 'rotor',
  source: 'small brush motor without load: as 20 to 100 Ω (common practice)',
  takes: (part) => behaves(part, 'rotor'),
  assumes: () => 'usual-motor',
  watts: (at) => [power(named('R', at))],
  cards: (at) => [
    `${named('R', at)} ${at.node(1)} ${at.node(2)} ${figure(at.draw(45, factor(20, 100)))}`,
  ],
};

/** An electret capsule: its own transistor takes some hundred microamperes from a volt on. */
export const electret: Model = {
  id: 'electret',
  source: 'takes 0.1 to 0.5 mA from a volt on, in silence (from memory of data sheets)',
  takes: (part) => behaves(part, 'electret'),
  cards: (at) => [
    `${named('B', at)} ${at.node(1)} ${at.node(2)} I = ${figure(at.draw(2.5e-4, factor(1e-4, 5e-4)))}*tanh(V(${at.node(1)},${at.node(2)})/0.4)`,
    `${named('C', at)} ${at.node(1)} ${at.node(2)} 20p`,
  ],
};
