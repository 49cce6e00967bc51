import Box from '@mui/material/Box';
import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { useTranslation } from 'react-i18next';
import type { Seat } from '#contract/workshops';
import type { Deed } from '#core/build/event';
import type { BuildLog } from '../../app/buildLog.ts';

/** Records a deed at a seat, says so, and offers to take it back. */
export function useRecord(log: BuildLog, undo: (seatId: string, eventId: string) => void) {
  const { t } = useTranslation();
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return useCallback(
    (seat: Seat, deed: Deed, said: string) => {
      const { id } = log.report(seat.id, deed);
      enqueueSnackbar(t('workshops.floorPage.seat', { number: seat.number, said }), {
        action: (key) => (
          <UndoButton
            run={() => {
              undo(seat.id, id);
              closeSnackbar(key);
            }}
          />
        ),
      });
    },
    [log, undo, enqueueSnackbar, closeSnackbar, t],
  );
}

function UndoButton({ run }: { readonly run: () => void }) {
  const { t } = useTranslation();
  return (
    <Box
      component="button"
      type="button"
      onClick={run}
      sx={{
        font: 'inherit',
        fontWeight: 700,
        color: 'inherit',
        background: 'none',
        border: '2px solid currentColor',
        borderRadius: 1,
        minHeight: 40,
        px: 2,
        cursor: 'pointer',
      }}
    >
      {t('workshops.floorPage.undo')}
    </Box>
  );
}
