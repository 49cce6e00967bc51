import { signOfPin } from '../board/footprint.ts';
import { type Said, said } from '../learning/said.ts';
import type { Part } from '../parts/part.ts';
import { pinoutOf } from '../parts/pinouts.ts';

/** A pin as one finds it: `D1 (A)`, `Q1 (base)`, `R3, pin 1`. */
export function pinSaid(pin: string, parts: ReadonlyMap<string, Part>): Said {
  const dot = pin.lastIndexOf('.');
  const [place, number] = [pin.slice(0, dot), pin.slice(dot + 1)];
  const part = parts.get(place);
  const lead = part && pinoutOf(part)?.pins[Number(number) - 1];
  if (lead) return said('figure.lead', { place, lead: said(`lead.${lead}`, undefined, lead) });
  const sign = part && signOfPin(part, number);
  return sign ? said('figure.lead', { place, lead: sign }) : said('figure.pin', { place, number });
}
