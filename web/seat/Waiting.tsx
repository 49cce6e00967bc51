import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { getSeat } from '#contract/seats';
import { call } from '../app/call.ts';
import { timeInWords, timeOfDay } from '../ui/clock.ts';
import { useOpenSeat } from './Seat.tsx';
import { SeatHead } from './SeatHead.tsx';

const askAgainMs = 10_000;

/** A seat before its evening: when it begins, what is built, and practice meanwhile. */
export default function Waiting({
  token,
  opensAt,
}: {
  readonly token: string;
  readonly opensAt: string;
}) {
  const { t } = useTranslation();
  const { view, reopen } = useOpenSeat();
  // Somebody may open the seats earlier; without network it opens by the clock.
  useEffect(() => {
    const timer = setInterval(() => {
      call(getSeat, { params: { token } })
        .then((now) => now.opensAt === null && reopen())
        .catch(() => undefined);
    }, askAgainMs);
    return () => clearInterval(timer);
  }, [token, reopen]);
  return (
    <>
      <SeatHead />
      <main className="bench">
        <h1>{view.workshopTitle}</h1>
        <p className="waiting-when">
          <span>{timeInWords(opensAt, { weekday: 'long', day: 'numeric', month: 'long' })}</span>
          <strong>{timeOfDay(opensAt)}</strong>
        </p>
        <p>{t('seat.youBuild', { kit: view.kitName })}</p>
        <p role="status">{t('seat.opensByItself')}</p>
        {!window.isSecureContext && <p>{t('seat.keepOpen')}</p>}
        <Link className="main-button waiting-practice" to="practice">
          {t('seat.practiseUntilThen')}
        </Link>
      </main>
    </>
  );
}
