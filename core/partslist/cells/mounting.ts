import type { Mounting } from '../../parts/mounting.ts';
import { mostRaisedMm } from '../../parts/mounting.ts';
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
