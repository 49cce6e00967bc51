import { familyOf } from '../parts/families/index.ts';
import type { Hazard } from '../parts/family.ts';
import type { Part } from '../parts/part.ts';
import { typeByNumber } from '../parts/types/findType.ts';

/**
 * From here on a capacitor is not in a low-voltage circuit (common practice). Small ones without a plus are made for 100 V
 * whatever they are for.
 */
const highVolt = { polarised: 100, keyed: 160, free: 160 } as const;

/** At the mains, or made for it: X and Y capacitors, relays and triacs, whatever supply the kit names. */
const atMains =
  /\b[xy][12]\b|\b(2[2-7]0|110|120)\s?v\s?~?\s?(ac|wechsel\w*)?\b|\bmains\b|\bnetz(spannung|teil)?\b/i;

/** Words of what makes a high voltage out of a low one, or is fed with one. */
const makesVoltage =
  /\b(boost|step-?up|inverter|wechselrichter|hochsetz\w*|hochspannung\w*|high[- ]voltage|\bhv\b|alta tensi[oó]n|elevador|nixie|geiger|flash|blitz\w*|stun|ozon\w*|marx|tesla|coilgun|taser|ioni[sz]er)\b/i;
/** Above this a voltage is not extra-low any more (60 V direct voltage, dry; from memory of IEC 61140). */
const extraLowVolt = 60;

/** “Boost module 5 V to 180 V”: something that makes a voltage, and one in its words that hurts. */
function saysHighVoltage(words: string): boolean {
  if (!makesVoltage.test(words)) return false;
  const volts = [...words.matchAll(/(?<!\d)(\d+(?:[.,]\d+)?)\s?(k?)V\b/g)].map(
    ([, amount = '', kilo]) => Number(amount.replace(',', '.')) * (kilo === 'k' ? 1000 : 1),
  );
  return volts.length > 0
    ? volts.some((volt) => volt >= extraLowVolt)
    : /\b(hochspannung\w*|high[- ]voltage|alta tensi[oó]n|\bhv\b)/i.test(words);
}

/** What can hurt somebody about a part: what its kind brings, and what its own figures say. */
export function hazardsOf(part: Part): ReadonlySet<Hazard> {
  const family = familyOf(part);
  const found = new Set<Hazard>(family.hazards);
  const words = `${part.description} ${part.value.kind === 'type' ? part.value.print : ''} ${part.remarks ?? ''}`;
  const volt = part.value.kind === 'amount' ? part.value.ratedVolt : undefined;
  if (
    family.job === 'capacitor' &&
    (volt !== undefined ? volt >= highVolt[family.polarity] : atMains.test(words))
  )
    found.add('high-voltage');
  if (family.job === 'capacitor' && /\b[xy][12]\b/i.test(words)) found.add('high-voltage');
  if (family.job === 'switch' && /\b(2[2-5]0|110|125)\s?v\s?(ac|~)/i.test(words))
    found.add('high-voltage');
  if (
    /\b(18650|li-?po|li-?ion|lithium)\b/i.test(words) &&
    family.power !== 'none' &&
    !found.has('button-cell')
  )
    found.add('lithium');
  if (saysHighVoltage(words)) found.add('high-voltage');
  const kind = part.value.kind === 'type' ? typeByNumber(part.value.print)?.type.kind : undefined;
  if (kind === 'triac') found.add('high-voltage');
  return found;
}
