import { isHighRisk } from '../mixups/findMixUps.ts';
import type { Erratum } from '../parts/erratum.ts';
import type { Part } from '../parts/part.ts';
import type { OrderNode } from './node.ts';
import type { Caution } from './step.ts';

/**
 * What each step must warn of: errata and lot notes of its parts, and look-alikes of high risk that an earlier step
 * has fitted already. The second of two look-alikes carries the warning, since only then are both on the mat.
 *
 * @param sequence the steps in their order
 */
export function cautionsFor(
  sequence: readonly OrderNode[],
  errata: readonly Erratum[],
): Map<OrderNode, Caution[]> {
  const cautions = new Map<OrderNode, Caution[]>();
  const before: Part[] = [];
  for (const node of sequence) {
    if (node.kind === 'check') continue;
    cautions.set(node, [
      ...errataOf(node.parts, errata),
      ...lotNotesOf(node.parts),
      ...mixUpsOf(node.parts, before),
    ]);
    before.push(...node.parts);
  }
  return cautions;
}

function errataOf(parts: readonly Part[], errata: readonly Erratum[]): Caution[] {
  const here = new Set(parts.flatMap(({ designators }) => designators));
  return errata.flatMap(({ designators, text }) => {
    const concerned = designators.filter((name) => here.has(name));
    return concerned.length > 0 ? [{ kind: 'erratum', text, designators: concerned } as const] : [];
  });
}

const lotNotesOf = (parts: readonly Part[]): Caution[] =>
  parts.flatMap(({ lotNote, designators }) =>
    lotNote ? [{ kind: 'lot-note', text: lotNote.text, designators } as const] : [],
  );

/** One warning for each value, whatever the number of lines that hold it. */
function mixUpsOf(parts: readonly Part[], before: readonly Part[]): Caution[] {
  const [here] = parts;
  if (!here) return [];
  const alike = before.filter((other) => isHighRisk(here, other));
  const byValue = new Map(
    alike.map((other) => [JSON.stringify([other.family, other.value]), other]),
  );
  return [...byValue.values()].map((other) => ({ kind: 'mix-up', here, other }) as const);
}
