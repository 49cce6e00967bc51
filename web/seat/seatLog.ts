import { keptSeat } from '#contract/keptKinds';
import { getSeat, reportFromSeat, type SeatView, seatStreamPath } from '#contract/seats';
import { BuildLog } from '../app/buildLog.ts';
import { call } from '../app/call.ts';
import { orKept } from '../app/kept.ts';
import { Outbox } from '../app/outbox.ts';

export interface OpenSeat {
  readonly view: SeatView;
  readonly log: BuildLog;
}

/**
 * Opens a seat: from the server, or from what this device kept of it where the server cannot be reached.
 *
 * @throws CallProblem where the link is wrong, or there is neither a server nor anything kept
 */
export async function openSeat(token: string): Promise<OpenSeat> {
  const { data: view, isFresh } = await orKept(keptSeat, `seat.${token}`, () =>
    call(getSeat, { params: { token } }),
  );
  const log = new BuildLog({
    author: 'learner',
    outbox: new Outbox({ of: view.seatId }),
    keptAs: `log.${view.seatId}`,
    send: (events) => call(reportFromSeat, { params: { token }, body: { events: [...events] } }),
    streamPath: (after) => `${seatStreamPath(token)}?after=${after}`,
  });
  await log.load(view.events, isFresh ? view.now : undefined);
  return { view, log };
}
