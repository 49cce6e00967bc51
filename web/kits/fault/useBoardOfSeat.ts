import { useEffect, useState } from 'react';
import { type BoardOfSeat, getBoardOfSeat } from '#contract/faults';
import { call } from '../../app/call.ts';

/**
 * What the room knows of the board of a seat.
 *
 * @param isWorkedOut what faults of the kit show: readings tell nothing before, so it is asked again then
 * @returns undefined until it is there; null where it is nobody’s board, or the room does not answer: what is worked out
 * of the kit does then
 */
export function useBoardOfSeat(
  workshopId: string | null,
  seatId: string | null,
  isWorkedOut: boolean,
): BoardOfSeat | null | undefined {
  const [known, setKnown] = useState<BoardOfSeat | null>();
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when it is worked out
  useEffect(() => {
    let isWanted = true;
    const take = (next: BoardOfSeat | null) => isWanted && setKnown(next);
    if (workshopId === null || seatId === null) take(null);
    else void call(getBoardOfSeat, { params: { workshopId, seatId } }).then(take, () => take(null));
    return () => {
      isWanted = false;
    };
  }, [workshopId, seatId, isWorkedOut]);
  return known;
}
