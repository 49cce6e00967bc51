import { useCallback, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Outlet, useOutletContext, useParams } from 'react-router';
import { CallProblem } from '../app/call.ts';
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

/** Why a seat does not open, by the word that the catalogue knows it by. */
function failureOf(
  error: unknown,
): 'noConnection' | 'wrongLink' | 'endedLink' | 'tooManyTries' | 'trouble' {
  const status = error instanceof CallProblem ? error.problem.status : undefined;
  if (status === 0) return 'noConnection';
  if (status === 404) return 'wrongLink';
  if (status === 410) return 'endedLink';
  return status === 429 ? 'tooManyTries' : 'trouble';
}
