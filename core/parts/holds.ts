import { isScrewedToSink } from './body.ts';
import type { CalledBy } from './families/calledBy.ts';
import { chips } from './families/chips/called.ts';
import { familyOf } from './families/index.ts';
import { power } from './families/power/called.ts';
import { transistors } from './families/transistors/called.ts';
import type { OrderRole } from './family.ts';
import type { Held } from './mounting.ts';
import type { Part } from './part.ts';

/** What a screw, a tie, a pad or a foot holds. */
export interface Hold {
  readonly what: Held;
  /** Nobody said so: it is what such a kit usually means. */
  readonly isGuess: boolean;
}

const holding: ReadonlySet<OrderRole> = new Set(['screw', 'tie', 'foot']);

/** Whether a kind of part holds something else. */
export const canHold = (part: Pick<Part, 'family'>): boolean => holding.has(familyOf(part).role);

/**
 * What a part of a kit holds: as somebody said, or a guess (common practice).
 *
 * @param parts the whole list that it belongs to
 * @returns undefined where it holds nothing, or where nothing tells
 */
export function holdOf(part: Part, parts: readonly Part[]): Hold | undefined {
  if (!canHold(part)) return undefined;
  if (part.mounting?.kind === 'holds') return { what: part.mounting.what, isGuess: false };
  const what = guessed(part, parts);
  return what && { what, isGuess: true };
}

function guessed(part: Part, parts: readonly Part[]): Held | undefined {
  const { role } = familyOf(part);
  if (role === 'foot') return 'board';
  const words = `${part.description} ${part.remarks ?? ''}`;
  const named = placesIn(words, parts);
  // The nut of a control holds it in the panel: it goes on when the board goes into the case.
  const isHeld = heldParts(parts).some(({ designators }) =>
    designators.some((one) => named.includes(one)),
  );
  if (named.length > 0) return aNut.test(words) && !isHeld ? 'case' : named;
  if (forTheCase.test(words)) return 'case';
  if (forTheBoard.test(words)) return 'board';
  const meant = heldParts(parts).filter((held) => namesPart(words, held));
  if (meant.length > 0) return placesOf(meant);
  if (role === 'tie') return undefined;
  if (isOfFeet(part, parts)) return 'board';
  const onSinks = parts.some((one) => familyOf(one).role === 'heat-sink')
    ? heldParts(parts).filter(hasTab)
    : [];
  const held = [...onSinks, ...parts.filter(isHolder)];
  if (held.length > 0) return placesOf(held);
  return parts.some((one) => familyOf(one).role === 'case') ? 'case' : undefined;
}

const forTheCase =
  /\b(case|enclosure|housing|lid|panel|geh[aä]use\w*|deckel|frontplatte|caja|carcasa|tapa|bo[iî]tier|couvercle|behuizing)\b/i;
const forTheBoard =
  /\b(feet|foot|f[uü](ß|ss)e?|board|pcb|platine|placa|stand-?offs?|spacers?|abstands\w+|distanz\w+|separador(es)?|entretoises?)\b/i;

const aNut = /\b(nuts?|muttern?|tuercas?|[eé]crous?|moer(en)?)\b/i;

/** One that hangs on wires lies in the case, and nothing pulls at its joints. */
const isHolder = (part: Part) =>
  familyOf(part).role === 'holder' && part.mounting?.kind !== 'on-wires';
const hasTab = (part: Part) => isScrewedToSink(familyOf(part).body);
const heldParts = (parts: readonly Part[]) =>
  parts.filter((part) => part.designators.length > 0 && (isHolder(part) || hasTab(part)));
const placesOf = (parts: readonly Part[]) => parts.flatMap(({ designators }) => designators);

/** Place names of the kit that stand in a text; `M3` is a thread unless a place is called so and nothing follows it. */
function placesIn(words: string, parts: readonly Part[]): readonly string[] {
  const places = new Set(placesOf(parts));
  const said = words.match(/\b(?:[A-Za-z]{1,4}\d{1,4}|[A-Z]{2,12})\b(?!\s*[x×]\s*\d)/g) ?? [];
  return [...new Set(said)].filter((name) => places.has(name));
}

/** Names of what can be held: holders, and what has a tab. All names together would load with every page that plans. */
const namesOfHeld: CalledBy = { ...power, ...transistors, ...chips };

/** “for the battery holder”, “for TO-220”. */
function namesPart(words: string, held: Part): boolean {
  const text = words.toLowerCase();
  return (
    (hasTab(held) &&
      /to-?220|to-?247|to-?126|to-?3\b|heat ?sink|k[uü]hlk[oö]rper|disipador/.test(text)) ||
    (namesOfHeld[held.family] ?? []).some((word) => word.length > 4 && text.includes(word))
  );
}

/** With stand-offs in the kit, screws as many as these, or twice as many, go with them; so do others that nothing tells of. */
function isOfFeet(part: Part, parts: readonly Part[]): boolean {
  const feet = parts
    .filter((one) => familyOf(one).role === 'foot')
    .reduce((sum, { quantity }) => sum + quantity, 0);
  if (feet === 0) return false;
  const fits = (one: Part) => one.quantity >= feet && one.quantity % feet === 0;
  const others = parts.filter((one) => familyOf(one).role === 'screw');
  return fits(part) || !others.some(fits) || heldParts(parts).length === 0;
}
