import { familyOf } from '../../parts/families/index.ts';
import type { Part } from '../../parts/part.ts';
import { keysOf } from '../arrangement.ts';
import type { OrderNode, WorkNode } from '../node.ts';
import type { Step } from '../step.ts';
import { type AddedStep, addedKey, type OwnOfStep, type OwnSteps, type OwnWords } from './own.ts';

/** A sequence with the steps of one’s own where they belong; one whose neighbour is gone comes last. */
export function withAdded(
  sequence: readonly OrderNode[],
  added: readonly AddedStep[],
): readonly OrderNode[] {
  const all = [...sequence];
  for (const { id, after } of added) {
    const at = after === null ? -1 : all.findLastIndex((node) => keysOf(node).includes(after));
    const place = after === null ? 0 : at < 0 ? all.length : at + 1;
    // Several behind one step stand as they were written down.
    let to = place;
    while (isAddedBehind(all[to], after, added)) to += 1;
    all.splice(to, 0, nodeOf(id, all[to - 1]));
  }
  return all;
}

const isAddedBehind = (
  node: OrderNode | undefined,
  after: string | null,
  added: readonly AddedStep[],
): boolean =>
  node !== undefined && added.some((one) => addedKey(one.id) === node.id && one.after === after);

const nodeOf = (id: string, before: OrderNode | undefined): WorkNode => ({
  id: addedKey(id),
  kind: 'own',
  role: 'off-board',
  mount: 'none',
  parts: [],
  heightMm: 0,
  side: before && before.kind !== 'check' ? before.side : 'top',
  line: 0,
});

/** What the instructor says of the step that a group of nodes makes; undefined where nothing. */
export function ownOf(
  nodes: readonly OrderNode[],
  step: Step,
  own: OwnSteps,
): OwnOfStep | undefined {
  const keys = new Set(nodes.flatMap(keysOf));
  const added = own.added.find(({ id }) => keys.has(addedKey(id)));
  const changed = own.changed.filter(({ at }) => keys.has(at));
  // What was left out with other company is still done: a step is gone only where everything in it was left out.
  const left = own.hidden.filter(({ at }) => keys.has(at));
  const hidden = left.length === keys.size ? left[0]?.reason : undefined;
  if (!added && changed.length === 0 && hidden === undefined) return undefined;
  const isStale = changed.some(({ basis }) => basis !== basisOf(step));
  return {
    // Of steps that were merged the first one speaks.
    words: Object.assign({}, ...[...changed].reverse().map(({ words }) => words), added?.words),
    ...(added ? { sort: added.sort } : {}),
    ...(isStale ? { isStale } : {}),
    ...(hidden === undefined ? {} : { hidden }),
  };
}

/** What a step is about, as far as its words depend on it: another order or other places make no difference. */
export function basisOf(step: Step): string {
  if (step.kind === 'check') return [step.check, step.sees ?? ''].join('|').slice(0, 400);
  const names = step.parts.map(nameOf);
  return [step.kind, ...new Set(names)].sort().join('|').slice(0, 400);
}

const nameOf = (part: Part): string =>
  JSON.stringify([familyOf(part).id, part.value, part.lotNote ?? '']);

/** By what a change of a step is kept: the first thing that is done in it. */
export const anchorOf = (keys: readonly string[]): string => keys[0] ?? '';

/** Steps as the seat has them: notes are for instructors and helpers. */
export const withoutNotes = <S extends Step>(steps: readonly S[]): readonly S[] =>
  steps.map((step) => (step.own?.words.note ? { ...step, own: withoutNote(step.own) } : step));

function withoutNote({ words: { note: _, ...words }, ...own }: OwnOfStep): OwnOfStep {
  return { ...own, words };
}

/** Settings with a step’s own words as they are now; words without anything in them are computed ones. */
export function withWords(
  own: OwnSteps,
  keys: readonly string[],
  step: Step,
  words: OwnWords,
): OwnSteps {
  const added = own.added.find(({ id }) => keys.includes(addedKey(id)));
  if (added) {
    return { ...own, added: own.added.map((one) => (one === added ? { ...one, words } : one)) };
  }
  const others = own.changed.filter(({ at }) => !keys.includes(at));
  const isEmpty = Object.keys(words).length === 0;
  const mine = { at: anchorOf(keys), words, basis: basisOf(step) };
  return { ...own, changed: isEmpty ? others : [...others, mine] };
}

/** Settings with a step left out for a reason, or done again where there is none. */
export function withHidden(
  own: OwnSteps,
  keys: readonly string[],
  reason: string | undefined,
): OwnSteps {
  const others = own.hidden.filter(({ at }) => !keys.includes(at));
  return {
    ...own,
    hidden: reason === undefined ? others : [...others, ...keys.map((at) => ({ at, reason }))],
  };
}

/** Settings without a step of one’s own. */
export const withoutAdded = (own: OwnSteps, keys: readonly string[]): OwnSteps => ({
  ...own,
  added: own.added.filter(({ id }) => !keys.includes(addedKey(id))),
});
