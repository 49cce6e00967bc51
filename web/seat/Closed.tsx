import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { takeHomePath } from '#contract/papers';
import { Goodbye } from './Goodbye.tsx';
import { NotSaved } from './NotSaved.tsx';
import { useOpenSeat } from './Seat.tsx';
import { SeatHead } from './SeatHead.tsx';
import { useSeatState } from './useSeatState.ts';

/** A seat whose evening the instructor has closed: how far it got, and what is still there for the learner. */
export default function Closed() {
  const { t, i18n } = useTranslation();
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const { steps, seatId, kitName } = view;
  const { state } = useSeatState();
  return (
    <>
      <SeatHead />
      <main className="bench">
        <NotSaved log={log} steps={steps} />
        {state.finishedAt !== null ? (
          <Goodbye view={view} state={state} report={(deed) => log.report(seatId, deed)} />
        ) : (
          <article className="step-card finished">
            <p className="step-count">{kitName}</p>
            <h1>{t('seat.closed.title')}</h1>
            <p>
              {t('seat.closed.gotTo', {
                count: steps.length,
                done: Object.keys(state.doneAt).length,
              })}
            </p>
            <p>{t('seat.closed.finishLater')}</p>
            <a
              className="main-button as-link"
              href={takeHomePath(token, i18n.language)}
              target="_blank"
              rel="noreferrer"
            >
              {t('seat.goodbye.takeHome')}
            </a>
            <Link className="side-button as-link" to="practice">
              {t('seat.goodbye.practise')}
            </Link>
          </article>
        )}
      </main>
    </>
  );
}
