import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { useNow } from '../ui/useNow.ts';
import { Bench } from './Bench.tsx';
import { useOpenSeat } from './Seat.tsx';
import { Waiting } from './Waiting.tsx';

const Closed = lazy(() => import('./Closed.tsx'));

/** The seat's own page: waiting for its evening, at work, or closed. */
export function Evening() {
  const { t } = useTranslation();
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const now = useNow(log.now);
  const { opensAt, closedAt } = view;
  if (closedAt !== null) {
    return (
      <Suspense fallback={<p role="status">{t('seat.loading')}</p>}>
        <Closed />
      </Suspense>
    );
  }
  const waits = opensAt !== null && now.getTime() < Date.parse(opensAt);
  return waits ? <Waiting token={token} opensAt={opensAt} /> : <Bench />;
}
