import type { Mounting } from '../../parts/mounting.ts';
import { mostRaisedMm, mostWireMm } from '../../parts/mounting.ts';
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

const wires = '(?:wires?|cables?|kabeln?|drahten?|litzen?|fils?|hilos|draden)';
const onWires = new RegExp(
  String.raw`\b(?:with|on|mit|an|con|en|avec|sur|met)\s(?:[\w.,/+-]+\s){0,3}?${wires}\b|\b(?:wired|flying|pre-?wired|wire) leads?\b|\bvorverdrahtet\b|\bpre-?wired\b`,
);

/**
 * Whether a line says that the part comes on wires: “with red/black wires”, “mit Anschlusskabeln”.
 *
 * @returns undefined where it does not; with the length, where it says one
 */
export function findWires(text: string): Extract<Mounting, { kind: 'on-wires' }> | undefined {
  const said = plain(text).replace(/anschluss(?=kabel|draht|litze)/g, 'anschluss ');
  if (!onWires.test(said)) return undefined;
  const length = /(\d+(?:[.,]\d+)?)\s?(mm|cm)\b(?!\s?x)/.exec(said);
  const mm = length && Number(length[1]?.replace(',', '.')) * (length[2] === 'cm' ? 10 : 1);
  return { kind: 'on-wires', ...(mm && mm >= 20 && mm <= mostWireMm ? { mm } : {}) };
}

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
