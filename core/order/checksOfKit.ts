import type { Block } from './block.ts';
import { type CheckId, checkIds } from './checks/ids.ts';
import { checkOf, checks } from './checks/index.ts';
import { type CheckNode, type OrderNode, placesOf, type WorkNode } from './node.ts';
import type { OrderSettings } from './settings.ts';

/** The checks of a kit, in no particular order: of the whole board, and of each block where that is wanted. */
export function checkNodes(
  work: readonly WorkNode[],
  blocks: readonly Block[],
  tested: OrderSettings['checks'],
  hasSupply: boolean,
): CheckNode[] {
  const wanted = checks.filter(({ appliesTo }) => appliesTo(work, hasSupply));
  const whole = wanted.map(({ id }) => checkNode(id, []));
  if (tested === 'end') return whole;
  const soldered = new Set(work.filter(({ kind }) => kind === 'solder').flatMap(placesOf));
  const ofBlocks = blocks
    .filter(({ places }) => places.some((place) => soldered.has(place)))
    .flatMap(({ name, test }) =>
      wanted
        .filter(
          ({ perBlock }) => perBlock === 'always' || (perBlock === 'with-test' && test !== null),
        )
        .map(({ id }) => checkNode(id, [name])),
    );
  return [...whole, ...ofBlocks];
}

const checkNode = (check: CheckId, blocks: readonly string[]): CheckNode => ({
  id: ['check', check, ...blocks].join('-').replace(/[^A-Za-z0-9]+/g, '-'),
  kind: 'check',
  check,
  blocks,
});

/** Of checks that follow one another without any work between them, one of each kind is enough: it tests them all. */
export function mergedChecks(sequence: readonly OrderNode[]): OrderNode[] {
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
      standsAlone(node) || !run.slice(index + 1).some(({ check }) => check === node.check),
  );
  return kept
    .map((node) => {
      const alike = run.filter(({ check }) => check === node.check);
      const isWhole = alike.some(({ blocks }) => blocks.length === 0);
      if (standsAlone(node) || alike.length < 2) return node;
      const blocks = isWhole ? [] : [...new Set(alike.flatMap((one) => one.blocks))];
      return { ...checkNode(node.check, blocks), id: node.id };
    })
    .sort((a, b) => checkIds.indexOf(a.check) - checkIds.indexOf(b.check));
}

const standsAlone = ({ check }: CheckNode) => checkOf(check).perBlock === 'with-test';
