import type { Mounting } from '../../parts/mounting.ts';
import { mostRaisedMm, mostWireMm } from '../../parts/mounting.ts';
import { coloursIn } from '../../wiring/wireColours.ts';
import { plain } from '../plain.ts';

const bent =
  /\b(bent over|bend over|bent (down|flat)|lay(ing)? flat|lying|laid down|(um|ab)gebogen|umgelegt|liegend|acostad[oa]|tumbad[oa]|doblad[oa]|couche|plie|sdraiat[oa])\b/;

const figure = String.raw`(\d{1,2}(?:[.,]\d)?)\s?mm`;
const raised = [
  new RegExp(
    String.raw`\b(?:raised?|stand(?:s|ing)? off|stand-?off height|lift(?:ed)?|abstand|erhoht|separad[oa]|elevad[oa]|sureleve)\s(?:by\s|of\s|um\s|von\s|a\s|de\s)?${figure}`,
  ),
  new RegExp(
    String.raw`${figure}\s(?:above|over|off|from) (?:the )?(?:board|pcb)|${figure}\s(?:abstand|uber (?:der )?platine|sobre la placa|au-dessus)`,
  ),
];

const wires = '(?:anschluss)?(?:wires?|cables?|kabeln?|drahten?|litzen?|fils?|hilos|draden)';
const onWires = new RegExp(
  String.raw`\b(?:with|on|soldered to|mit|an|con|en|avec|sur|met)\s(?:[\w.,/+-]+\s){0,3}?${wires}\b(?!\s(?:leads?|ended|links?|terminals?)\b)|\b(?:wired|flying|pre-?wired) leads?\b|\bvorverdrahtet\b|\bpre-?wired\b`,
);
const inMm: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000 };

/** Letters without accents and capitals, one for one, so that places in the text stay. */
const flat = (text: string): string =>
  text.replace(/[^ -~]|[A-Z]/g, (letter) => {
    const [first = letter] = letter.normalize('NFD').toLowerCase();
    return first;
  });

/** A line that says that its part is on wires, in what the part is and what is said of its wires. */
export function partedAtWires(
  text: string,
): { readonly what: string; readonly wires: string } | undefined {
  const found = onWires.exec(flat(text).replace(/\s/g, ' '));
  return found ? { what: text.slice(0, found.index), wires: text.slice(found.index) } : undefined;
}

/** The part itself: what is said of the wires that it is on tells nothing of its kind, its colour or its value. */
export function withoutWires(text: string): string {
  const what = partedAtWires(text)?.what.trim() ?? '';
  return /\p{L}{2}/u.test(what) ? what.replace(/(?<![\s,;(])[\s,;(]+$/, '') : text;
}

/**
 * Whether a line says that the part comes on wires: “with red/black wires”, “mit Anschlusskabeln”.
 *
 * @returns undefined where it does not; with length and colours, where it says them
 */
export function findWires(text: string): Extract<Mounting, { kind: 'on-wires' }> | undefined {
  const parted = partedAtWires(text);
  if (!parted) return undefined;
  const [, amount = '', unit = ''] =
    /(?<!\d)(\d+(?:[.,]\d+)?)\s?(mm|cm|m)\b(?!\s?x)/.exec(flat(parted.wires)) ?? [];
  const mm = Number(amount.replace(',', '.')) * (inMm[unit] ?? 0);
  const colours = coloursIn(parted.wires);
  return {
    kind: 'on-wires',
    ...(mm >= 20 && mm <= mostWireMm ? { mm } : {}),
    ...(colours.length > 0 ? { colours } : {}),
  };
}

const cellLeads = /\b(with|mit|con|avec|met) (\w+ )?(leads?|pigtails?|anschlussen|rabillos)\b/;

/** Whether a cell comes with leads of its own that are soldered to the board: other parts’ leads are their legs. */
export const hasCellLeads = (text: string): boolean =>
  cellLeads.test(plain(text)) && !/\bjst\b/i.test(text);

/**
 * What a line says of how the part sits: “bent over”, “10 mm above the board”, in the languages of lists.
 *
 * @returns undefined where it says nothing of it
 */
export function findMounting(text: string): Mounting | undefined {
  const said = plain(text);
  for (const pattern of raised) {
    const found = pattern.exec(said)?.slice(1).find(Boolean);
    const mm = Number(found?.replace(',', '.'));
    if (mm > 0 && mm <= mostRaisedMm) return { kind: 'raised', mm };
  }
  return bent.test(said) ? { kind: 'bent-over' } : undefined;
}
