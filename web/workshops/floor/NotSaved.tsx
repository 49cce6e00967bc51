import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { useStore } from 'zustand';
import type { Seat } from '#contract/workshops';
import type { BuildLog } from '../../app/buildLog.ts';
import { timeOfDay } from '../../ui/clock.ts';

interface NotSavedProps {
  readonly log: BuildLog;
  readonly seats: readonly Seat[];
}

/** Entries that the server did not take, with what it said: sent again or let go, one by one. */
export function NotSaved({ log, seats }: NotSavedProps) {
  const { t } = useTranslation();
  const aside = useStore(log.store, (state) => state.aside);
  return aside.map((one) => {
    const { event, reason } = one;
    const seat = seats.find(({ id }) => id === event.seatId);
    return (
      <Alert
        key={event.id}
        severity="error"
        sx={{ mb: 1 }}
        action={
          <>
            <Button color="inherit" onClick={() => log.tryAgain(one)}>
              {t('workshops.notSaved.tryAgain')}
            </Button>
            <Button color="inherit" onClick={() => log.discard(one)}>
              {t('workshops.notSaved.delete')}
            </Button>
          </>
        }
      >
        {t('workshops.notSaved.notSavedKeptOnThisDevice', {
          number: seat?.number ?? '?',
          timeOfDay: timeOfDay(event.at),
          reason,
        })}
      </Alert>
    );
  });
}
