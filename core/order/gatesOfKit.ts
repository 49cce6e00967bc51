import type { Block } from './block.ts';
import { type CheckNode, type OrderNode, placesOf, type WorkNode } from './node.ts';
import type { OrderSettings } from './settings.ts';
import type { CheckId } from './step.ts';

const electrical: readonly CheckId[] = ['look', 'supply-resistance', 'first-power'];

/** The checks of a kit, in no particular order: of the whole board, and of each block where that is wanted. */
export function checkNodes(
  work: readonly WorkNode[],
  blocks: readonly Block[],
  gates: OrderSettings['gates'],
): CheckNode[] {
  const checks: CheckId[] = work.some((node) => node.role === 'holder') ? ['try-holder'] : [];
  if (work.some((node) => node.kind === 'solder')) checks.push(...electrical, 'function');
  const whole = checks.map((check) => checkNode(check, []));
  if (gates === 'end') return whole;
  const soldered = new Set(work.filter(({ kind }) => kind === 'solder').flatMap(placesOf));
  const ofBlocks = blocks
    .filter(({ places }) => places.some((place) => soldered.has(place)))
    .flatMap(({ name, test }) => {
      const own: CheckId[] = test === null ? [...electrical] : [...electrical, 'function'];
      return own.map((check) => checkNode(check, [name]));
    });
  return [...whole, ...ofBlocks];
}

const checkNode = (check: CheckId, blocks: readonly string[]): CheckNode => ({
  id: ['check', check, ...blocks].join('-').replace(/[^A-Za-z0-9]+/g, '-'),
  kind: 'check',
  check,
  blocks,
});

/** Of checks that follow one another without any work between them, one of each kind is enough: it tests them all. */
export function mergedGates(sequence: readonly OrderNode[]): OrderNode[] {
  const merged: OrderNode[] = [];
  let run: CheckNode[] = [];
  const close = () => {
    merged.push(...onePerKind(run));
    run = [];
  };
  for (const node of sequence) {
    if (node.kind === 'check') run.push(node);
    else {
      close();
      merged.push(node);
    }
  }
  close();
  return merged;
}

/** The last of each kind in place of all of that kind; a check of the whole board stands for any block's. */
function onePerKind(run: readonly CheckNode[]): CheckNode[] {
  const kept = run.filter(
    (node, index) =>
      // What the instructor wants seen of each block is a check of its own.
      node.check === 'function' || !run.slice(index + 1).some(({ check }) => check === node.check),
  );
  const kinds = ['try-holder', ...electrical, 'function'];
  return kept
    .map((node) => {
      const alike = run.filter(({ check }) => check === node.check);
      const isWhole = alike.some(({ blocks }) => blocks.length === 0);
      if (node.check === 'function' || alike.length < 2) return node;
      const blocks = isWhole ? [] : [...new Set(alike.flatMap((one) => one.blocks))];
      return { ...checkNode(node.check, blocks), id: node.id };
    })
    .sort((a, b) => kinds.indexOf(a.check) - kinds.indexOf(b.check));
}
