import { getSeat, reportFromSeat, type SeatView, seatStreamPath } from '#contract/seats';
import { BuildLog } from '../app/buildLog.ts';
import { CallProblem, call } from '../app/call.ts';
import { Outbox } from '../app/outbox.ts';

export interface OpenSeat {
  readonly view: SeatView;
  readonly log: BuildLog;
}

/** What this device saw last of a seat, for a reload without network. */
const lastViewKey = (token: string) => `ozzet.seat.${token}`;

/**
 * Opens a seat: from the server, or from what this device kept of it where the server cannot be reached.
 *
 * @throws CallProblem where the link is wrong, or there is neither a server nor anything kept
 */
export async function openSeat(token: string): Promise<OpenSeat> {
  const view = await latestView(token);
  const log = new BuildLog({
    author: 'learner',
    outbox: new Outbox(view.seatId),
    send: (_, events) => call(reportFromSeat, { params: { token }, body: { events: [...events] } }),
    streamPath: (after) => `${seatStreamPath(token)}?after=${after}`,
  });
  log.load(view.events, view.now);
  return { view, log };
}

async function latestView(token: string): Promise<SeatView> {
  try {
    const view = await call(getSeat, { params: { token } });
    localStorage.setItem(lastViewKey(token), JSON.stringify(view));
    return view;
  } catch (error) {
    const kept = localStorage.getItem(lastViewKey(token));
    if (kept === null || !(error instanceof CallProblem) || error.problem.status !== 0) throw error;
    // Its time is not now: the clock of the device is all there is.
    return { ...(JSON.parse(kept) as SeatView), now: new Date().toISOString() };
  }
}
