import { amountOf, behaves, does, toleranceOf } from './amounts.ts';
import { figure, type Model, named, power } from './model.ts';

/** A resistance of nothing is a link; a simulator needs a little of it. */
const leastOhm = 0.01;

export const resistor: Model = {
  id: 'resistor',
  source: 'Ohm’s law; tolerance by IEC 60062',
  takes: (part) => does(part, 'resistor') && amountOf(part, 'ohm') !== undefined,
  watts: (at) => [power(named('R', at))],
  cards: (at) => {
    const ohm = at.draw(amountOf(at.part, 'ohm') ?? 0, toleranceOf(at.part));
    return [`${named('R', at)} ${at.node(1)} ${at.node(2)} ${figure(Math.max(leastOhm, ohm))}`];
  },
};

/** The first pin is common to all of them; networks of single resistors say so in no list. */
export const network: Model = {
  id: 'network',
  source: 'bussed resistor network, common pin 1 (common practice)',
  takes: (part) => behaves(part, 'network') && amountOf(part, 'ohm') !== undefined,
  cards: (at) =>
    Array.from({ length: (at.part.pins ?? 8) - 1 }, (_, index) => {
      const ohm = at.draw(amountOf(at.part, 'ohm') ?? 0, toleranceOf(at.part));
      return `${named('R', at, String(index + 2))} ${at.node(1)} ${at.node(index + 2)} ${figure(Math.max(leastOhm, ohm))}`;
    }),
};

/** What is left at the end of a track (common practice). */
const endOhm = 2;

/** Pin 2 is the slider; nobody knows where it stands before the kit is set. */
export const sliding: Model = {
  id: 'sliding',
  source: 'a divider of two resistances; slider in the middle unless it is said',
  takes: (part) => behaves(part, 'sliding') && amountOf(part, 'ohm') !== undefined,
  states: ['middle', 'at-first-end', 'at-last-end'],
  cards: (at) => {
    const ohm = at.draw(amountOf(at.part, 'ohm') ?? 0, toleranceOf(at.part));
    const share = at.state === 'at-first-end' ? 0 : at.state === 'at-last-end' ? 1 : 0.5;
    return [
      `${named('R', at, 'a')} ${at.node(1)} ${at.node(2)} ${figure(Math.max(endOhm, ohm * share))}`,
      `${named('R', at, 'b')} ${at.node(2)} ${at.node(3)} ${figure(Math.max(endOhm, ohm * (1 - share)))}`,
    ];
  },
};
