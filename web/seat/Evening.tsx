import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { useNow } from '../ui/useNow.ts';
import { Bench } from './Bench.tsx';
import { useOpenSeat } from './Seat.tsx';

const Closed = lazy(() => import('./Closed.tsx'));
const Waiting = lazy(() => import('./Waiting.tsx'));

/** The seat's own page: waiting for its evening, at work, or closed. */
export function Evening() {
  const { t } = useTranslation();
  const { token = '' } = useParams();
  const { view, log } = useOpenSeat();
  const now = useNow(log.now);
  const { opensAt, closedAt } = view;
  const waits = opensAt !== null && now.getTime() < Date.parse(opensAt);
  if (closedAt === null && !waits) return <Bench />;
  return (
    <Suspense fallback={<p role="status">{t('seat.loading')}</p>}>
      {closedAt !== null || opensAt === null ? (
        <Closed />
      ) : (
        <Waiting token={token} opensAt={opensAt} />
      )}
    </Suspense>
  );
}
