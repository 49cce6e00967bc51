import { from } from '../spread.ts';
import { does, isType } from './amounts.ts';
import { junction } from './diodes.ts';
import { latch, stateOf } from './latch.ts';
import { hasLeads, lead, makers } from './leads.ts';
import { figure, inside, type Model, named } from './model.ts';

/** Its gate turns it on; it stays on as long as more than its holding current flows, a volt across it. */
export const thyristor: Model = {
  id: 'thyristor',
  source:
    'gate at some 0.6 V and 200 µA at most, holds from some milliamperes on (small ones; from memory of data sheets)',
  isActive: true,
  needsTime: true,
  assumes: makers,
  takes: (part) =>
    does(part, 'transistor') &&
    isType(part, 'thyristor') &&
    hasLeads(['anode', 'cathode', 'gate'])({ part }),
  watts: (at) => [`v(${inside(at, 'w')})`],
  cards: (at) => {
    const [anode, cathode, gate] = ['anode', 'cathode', 'gate'].map((name) => lead(at, name));
    const through = named('V', at, 'through');
    const asked = `0.5*(1+tanh(60*(V(${gate},${cathode})-${figure(at.draw(0.58, from(0.5, 0.66)))})))`;
    const holds = `0.5*(1+tanh(I(${through})/${figure(at.draw(2e-3, from(5e-4, 4e-3)))}-1))`;
    return [
      ...junction(
        at,
        gate ?? '0',
        cathode ?? '0',
        { volt: 0.65, ampere: 2e-4, n: 1.5, seriesOhm: 50 },
        'g',
      ),
      ...latch(at, 's', `${asked}+0.5*${holds}`, 0.75, 0.3),
      `${through} ${anode} ${inside(at, 't')} 0`,
      `${named('B', at)} ${inside(at, 't')} ${cathode} I = ${stateOf(at, 's')}*max(0,V(${anode},${cathode})-0.7)/0.3`,
      `${named('B', at, 'w')} ${inside(at, 'w')} 0 V = V(${anode},${cathode})*I(${through})`,
    ];
  },
};
