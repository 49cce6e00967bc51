import type { Part } from '../../parts/part.ts';
import { factor } from '../spread.ts';
import { behaves } from './amounts.ts';
import { latch, stateOf } from './latch.ts';
import { hasLeads, lead, leadsNamed } from './leads.ts';
import { figure, type Model, named, power } from './model.ts';

/** The voltage of its coil, as its print or its line tells it: `05VDC`, `DC12V`, `5 V`. */
export function coilVolt({
  value,
  description,
}: Pick<Part, 'value' | 'description'>): number | undefined {
  const text = `${value.kind === 'type' ? value.print : ''} ${description}`;
  const volt = Number(/(?<![\d.])(\d{1,2}(?:[.,]\d)?)\s*v/i.exec(text)?.[1]?.replace(',', '.'));
  return Number.isNaN(volt) || volt <= 0 ? undefined : volt;
}

const leads = ['coil', 'common', 'rest-contact', 'working-contact'] as const;

/** Pulls in at some seven tenths of its voltage, lets go at a tenth (from memory of data sheets). */
export const relay: Model = {
  id: 'relay',
  source:
    'coil of 0.2 to 0.55 W at its voltage, pulls in at seven tenths; from memory of data sheets',
  needsTime: true,
  takes: (part) =>
    behaves(part, 'coil-and-contacts') &&
    coilVolt(part) !== undefined &&
    hasLeads(['coil', 'common'])({ part }),
  wants: {
    of: (part) => behaves(part, 'coil-and-contacts') && coilVolt(part) !== undefined,
    leads: [...leads, 'unused'],
  },
  watts: (at) => [power(named('R', at, 'coil'))],
  cards: (at) => {
    const volt = coilVolt(at.part) ?? 5;
    const [one = '0', other = '0'] = leadsNamed(at, 'coil');
    const ohm = volt ** 2 / at.draw(0.36, factor(0.2, 0.55));
    const common = lead(at, 'common');
    const contact = (name: 'rest-contact' | 'working-contact', isClosed: string) => {
      const [node] = leadsNamed(at, name);
      return node === undefined
        ? []
        : [
            `${named('B', at, name === 'rest-contact' ? 'rest' : 'work')} ${common} ${node} I = 10*max(0,${isClosed})*V(${common},${node})`,
          ];
    };
    return [
      `${named('R', at, 'coil')} ${one} ${other} ${figure(ohm)}`,
      ...latch(
        at,
        'pull',
        `abs(V(${one},${other}))/${figure(volt)}`,
        at.draw(0.7, factor(0.6, 0.78)),
        0.15,
      ),
      ...contact('working-contact', stateOf(at, 'pull')),
      ...contact('rest-contact', `1-${stateOf(at, 'pull')}`),
    ];
  },
};
