import type { Part } from '../../parts/part.ts';
import { from, percent, type Spread } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
import { junction, silicon } from './diodes.ts';
import { hasLeads, lead, makers } from './leads.ts';
import { figure, type Model, named } from './model.ts';

/** Takes what it must so that its reference stands 2.5 V above its anode, from about a milliampere on. */
export const shuntReference: Model = {
  id: 'shunt-reference',
  source:
    '2.495 V ± 2 % from reference to anode, up to 100 mA (TL431; from memory of its data sheet)',
  isActive: true,
  assumes: makers,
  takes: (part) =>
    isType(part, 'reference') &&
    typeOf(part)?.volt === 2.5 &&
    hasLeads(['reference', 'anode', 'cathode'])({ part }),
  cards: (at) => {
    const [reference, anode, cathode] = ['reference', 'anode', 'cathode'].map((name) =>
      lead(at, name),
    );
    const volt = figure(at.draw(2.495, percent(2)));
    return [
      `${named('B', at)} ${cathode} ${anode} I = 0.05*(1+tanh(40*(V(${reference},${anode})-${volt})-2))*tanh(max(0,V(${cathode},${anode})-1.5)/0.5)`,
      `${named('R', at)} ${reference} ${anode} 1meg`,
    ];
  },
};

/** Volts between two leads, by number, and what they vary by (from memory of data sheets). */
const held: Readonly<Record<string, readonly [number, Spread]>> = {
  'LM336-2.5': [2.49, percent(4)],
  'LM336-5.0': [5, percent(4)],
  'LM385-1.2': [1.235, percent(2)],
  'LM385-2.5': [2.5, percent(3)],
  LM329: [6.9, percent(5)],
  // Ten millivolts a kelvin, at 16 to 28 °C.
  LM335: [2.95, from(2.85, 3.06)],
};
const heldBy = (part: Part) => held[typeOf(part)?.number ?? ''];

/** Takes what it must so that its voltage stands across two leads; the third one trims it, or is joined to nothing. */
export const twoLeadReference: Model = {
  id: 'two-lead-reference',
  source: 'its voltage from a fraction of a milliampere on, untrimmed; from memory of data sheets',
  isActive: true,
  takes: (part) => heldBy(part) !== undefined && hasLeads(['anode', 'cathode'])({ part }),
  wants: { of: (part) => heldBy(part) !== undefined, leads: ['anode', 'cathode'] },
  cards: (at) => {
    const [anode, cathode] = [lead(at, 'anode'), lead(at, 'cathode')];
    const [usual, spread] = heldBy(at.part) ?? [2.5, percent(5)];
    const volt = figure(at.draw(usual, spread));
    return [
      `${named('B', at)} ${cathode} ${anode} I = 0.05*(1+tanh(40*(V(${cathode},${anode})-${volt})-2))`,
      ...junction(at, anode, cathode, { ...silicon, volt: at.draw(silicon.volt, silicon.spread) }),
    ];
  },
};
