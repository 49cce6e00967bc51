import { serves } from '#core/stores/stockPart';
import type { Queryable } from '../db/database.ts';
import type { Replaced, SeatOfPlan } from '../events/eventLog.ts';
import { insertMove, lockItem, selectItemOfMove, selectItems } from './queries.ts';

/**
 * Books pieces that were handed out at a seat: out of the drawer that serves the part and holds most of it, or back
 * into the drawer that it came from. The move has the event's id, so that it is booked once. Where no drawer serves,
 * the piece came from elsewhere and nothing is booked.
 */
export async function bookReplaced(
  tx: Queryable,
  seat: SeatOfPlan,
  replaced: readonly Replaced[],
): Promise<void> {
  for (const piece of replaced) {
    const itemId =
      piece.direction === 'out'
        ? await drawerFor(tx, seat, piece)
        : await selectItemOfMove(tx, piece.undoes);
    if (itemId === undefined) continue;
    await insertMove(tx, itemId, {
      id: piece.eventId,
      kind: piece.direction === 'out' ? 'out' : 'in',
      pieces: 1,
      note:
        piece.direction === 'out'
          ? `replaced at a seat: ${piece.designator}`
          : 'not replaced after all',
    });
  }
}

async function drawerFor(
  tx: Queryable,
  { steps }: SeatOfPlan,
  { stepId, designator }: Extract<Replaced, { direction: 'out' }>,
): Promise<string | undefined> {
  const step = steps.find(({ id }) => id === stepId);
  const part =
    step?.kind === 'check'
      ? undefined
      : step?.parts.find(({ designators }) => designators.includes(designator));
  if (!part) return undefined;
  const [fullest] = (await selectItems(tx))
    .filter((item) => item.level > 0 && serves(item.part, part))
    .sort((a, b) => b.level - a.level);
  return fullest && (await lockItem(tx, fullest.id)) ? fullest.id : undefined;
}
