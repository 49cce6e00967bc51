import { percent } from '../spread.ts';
import { isType, typeOf } from './amounts.ts';
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
