import { useCallback, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Outlet, useOutletContext, useParams } from 'react-router';
import { getSeat, type SeatView } from '#contract/seats';
import { CallProblem, call } from '../app/call.ts';
import { type OpenSeat, openSeat } from './seatLog.ts';

type Opening =
  | { readonly state: 'opening' }
  | { readonly state: 'open'; readonly seat: OpenSeat }
  | { readonly state: 'failed'; readonly reason: string };

/** The learner's pages: opens the seat of the link, or says why it does not open. */
export function Seat() {
  const { token = '' } = useParams();
  const { t } = useTranslation();
  const [opening, setOpening] = useState<Opening>({ state: 'opening' });

  const [tries, setTries] = useState(0);

  // biome-ignore lint/correctness/useExhaustiveDependencies: a new try opens it again
  useEffect(() => {
    // Whoever goes on to another seat while this one opens does not get it after all.
    let isWanted = true;
    setOpening({ state: 'opening' });
    openSeat(token)
      .then((seat) => isWanted && setOpening({ state: 'open', seat }))
      .catch(
        (error: unknown) =>
          isWanted && setOpening({ state: 'failed', reason: t(`seat.failed.${failureOf(error)}`) }),
      );
    return () => {
      isWanted = false;
    };
  }, [token, t, tries]);
  const log = opening.state === 'open' ? opening.seat.log : undefined;
  useEffect(() => log?.follow(), [log]);

  const reopen = useCallback(() => setTries((n) => n + 1), []);
  useEffect(() => {
    if (opening.state !== 'open') return;
    const { view, log: followed } = opening.seat;
    // The server ends a seat's stream where its kit, number or link has changed.
    return followed.store.subscribe(({ connected, changes }, before) => {
      if (connected === before.connected && changes === before.changes) return;
      call(getSeat, { params: { token } })
        .then((now) => planOf(now) !== planOf(view) && reopen())
        .catch((error: unknown) => isGone(error) && reopen());
    });
  }, [opening, token, reopen]);
  if (opening.state === 'open') {
    return <Outlet context={{ ...opening.seat, reopen } satisfies SeatContext} />;
  }
  return (
    <main className="notice">
      {opening.state === 'opening' ? (
        <p role="status">{t('seat.loading')}</p>
      ) : (
        <>
          <h1>{t('seat.cannotOpen')}</h1>
          <p role="alert">{opening.reason}</p>
          <button type="button" className="main-button" onClick={reopen}>
            {t('seat.tryAgain')}
          </button>
        </>
      )}
    </main>
  );
}

interface SeatContext extends OpenSeat {
  /** Asks the server for it again. */
  readonly reopen: () => void;
}

/** The seat that is open. */
export const useOpenSeat = (): SeatContext => useOutletContext<SeatContext>();

/** What a seat's page is made of: where it is another one, the page begins anew. */
const planOf = ({ steps, number, name, partner, kitName, closedAt }: SeatView): string =>
  JSON.stringify([number, name, partner, kitName, closedAt, steps.map(({ id }) => id)]);

const isGone = (error: unknown): boolean =>
  error instanceof CallProblem && [404, 410].includes(error.problem.status);

/** Links that ended for a reason of their own, by what the server says. */
const endings: Readonly<Record<string, 'cancelled' | 'seatRemoved'>> = {
  'refusals.seats.theWorkshopIsCancelled': 'cancelled',
  'refusals.seats.thisSeatWasTakenAway': 'seatRemoved',
};

/** Why a seat does not open, by the word that the catalogue knows it by. */
function failureOf(
  error: unknown,
):
  | 'noConnection'
  | 'wrongLink'
  | 'endedLink'
  | 'cancelled'
  | 'seatRemoved'
  | 'tooManyTries'
  | 'trouble' {
  const status = error instanceof CallProblem ? error.problem.status : undefined;
  if (status === 0) return 'noConnection';
  if (status === 404) return 'wrongLink';
  if (status === 410) {
    const why = error instanceof CallProblem ? error.problem.says.detail.says : undefined;
    return endings[why ?? ''] ?? 'endedLink';
  }
  return status === 429 ? 'tooManyTries' : 'trouble';
}
