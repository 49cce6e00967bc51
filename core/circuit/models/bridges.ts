import { behaves } from './amounts.ts';
import { junction, rectifying } from './diodes.ts';
import { hasLeads, lead, leadsNamed } from './leads.ts';
import { type Model, named, power } from './model.ts';

export const bridge: Model = {
  id: 'bridge',
  source:
    'four silicon diodes; Shockley’s equation through one point of the data sheet, from memory',
  takes: (part) => behaves(part, 'bridge') && hasLeads(['plus', 'minus', 'alternating'])({ part }),
  wants: { of: (part) => behaves(part, 'bridge'), leads: ['plus', 'minus', 'alternating'] },
  watts: (at) => ['p0', 'm0', 'p1', 'm1'].map((of) => power(named('D', at, of))),
  cards: (at) => {
    const is = { ...rectifying, volt: at.draw(rectifying.volt, rectifying.spread) };
    return leadsNamed(at, 'alternating').flatMap((node, index) => [
      ...junction(at, node, lead(at, 'plus'), is, `p${index}`),
      ...junction(at, lead(at, 'minus'), node, is, `m${index}`),
    ]);
  },
};
