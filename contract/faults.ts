import type { Board } from '#core/board/board';
import type { Answer } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Habit, Happened } from '#core/faults/ofThisBoard';
import type { Part } from '#core/parts/part';
import { endpoint } from './endpoint.ts';
import type { FiguresWork } from './figures.ts';

/** What every single fault of the newest revision shows; null where that was not worked out yet. */
export const getFaults = endpoint<FaultDictionary | null>()({
  method: 'GET',
  path: '/api/kits/:kitId/faults',
  access: 'helper',
});

export const getFaultsWork = endpoint<FiguresWork>()({
  method: 'GET',
  path: '/api/kits/:kitId/faults/work',
  access: 'helper',
});

/** Begins to work out what faults of the newest revision show; a work that is under way goes on. */
export const workOutFaults = endpoint<FiguresWork>()({
  method: 'POST',
  path: '/api/kits/:kitId/faults/work',
  access: 'helper',
});

export const stopFaults = endpoint<FiguresWork>()({
  method: 'DELETE',
  path: '/api/kits/:kitId/faults/work',
  access: 'instructor',
});

/** One board of a room, on its way to the bench. */
export interface BoardOfSeat {
  /** Of the kit, that its workshop builds. */
  readonly revision: number;
  /** Of that revision; null where it has none. */
  readonly board: Board | null;
  readonly parts: readonly Part[];
  /** Null where what faults of that revision show was not worked out. */
  readonly faults: FaultDictionary | null;
  /** Places whose parts are not on it yet. */
  readonly missing: readonly string[];
  /** Where its supply comes in. */
  readonly supply: readonly string[];
  /** What its seat has read at checks of the whole board. */
  readonly readings: readonly Answer[];
  /** Of whoever builds it: other evenings too, for instructors. */
  readonly habit: Habit;
  readonly happened: Happened;
}

export const getBoardOfSeat = endpoint<BoardOfSeat>()({
  method: 'GET',
  path: '/api/workshops/:workshopId/seats/:seatId/board',
  access: 'helper',
});
