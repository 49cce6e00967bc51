import { factor, from } from '../spread.ts';
import { amountOf, behaves, toleranceOf } from './amounts.ts';
import { figure, type Model, named } from './model.ts';

/** Small 5 mm cells: some 8 to 20 kΩ at 10 lux, a megohm in the dark; a lit room has 100 to 300 lux (from memory of data sheets). */
const cellOhm = {
  'lit-room': [3500, factor(1500, 8000)],
  dark: [1e6, factor(2e5, 5e6)],
  'bright-light': [300, factor(100, 800)],
} as const;

export const byLight: Model = {
  id: 'by-light',
  source: '5 mm cadmium sulphide cell in a lit room, from memory of data sheets',
  takes: (part) => behaves(part, 'by-light'),
  states: ['lit-room', 'dark', 'bright-light'],
  cards: (at) => {
    const [ohm, spread] = cellOhm[at.state as keyof typeof cellOhm] ?? cellOhm['lit-room'];
    return [`${named('R', at)} ${at.node(1)} ${at.node(2)} ${figure(at.draw(ohm, spread))}`];
  },
};

export const byHeat: Model = {
  id: 'by-heat',
  source:
    'its value holds at 25 °C; at 15 to 27 °C it is up to half more or a tenth less (B 3950, from memory)',
  takes: (part) => behaves(part, 'by-heat') && amountOf(part, 'ohm') !== undefined,
  states: ['room-warm', 'hand-warm'],
  cards: (at) => {
    const ohm = at.draw(amountOf(at.part, 'ohm') ?? 0, toleranceOf(at.part));
    const warm =
      at.state === 'hand-warm' ? at.draw(0.7, from(0.6, 0.8)) : at.draw(1.1, from(0.91, 1.58));
    return [`${named('R', at)} ${at.node(1)} ${at.node(2)} ${figure(ohm * warm)}`];
  },
};

const lightAmpere = {
  'lit-room': [1e-4, factor(2e-5, 5e-4)],
  dark: [1e-8, factor(1e-9, 1e-7)],
  'bright-light': [2e-3, factor(5e-4, 8e-3)],
} as const;

export const lightSwitch: Model = {
  id: 'light-switch',
  source:
    'phototransistor in a lit room: some tens to hundreds of microamperes (from memory of data sheets)',
  takes: (part) => behaves(part, 'light-switch'),
  states: ['lit-room', 'dark', 'bright-light'],
  cards: (at) => {
    const [usual, spread] =
      lightAmpere[at.state as keyof typeof lightAmpere] ?? lightAmpere['lit-room'];
    const amp = at.draw(usual, spread);
    return [
      `${named('B', at)} ${at.node(1)} ${at.node(2)} I = ${figure(amp)}*tanh(5*V(${at.node(1)},${at.node(2)}))`,
    ];
  },
};
