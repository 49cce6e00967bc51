import Button from '@mui/material/Button';
import { t } from 'i18next';
import { closeSnackbar, enqueueSnackbar } from 'notistack';
import { CallProblem } from './call.ts';

/** How long an undo is offered, in ms: long enough to look at what became of it. */
const offeredMs = 20_000;

/**
 * Says that something was done, and offers to take it back.
 *
 * @param undo takes it back; a refusal is told
 */
export function offerUndo(done: string, undo: () => Promise<unknown>): void {
  const takeBack = () =>
    undo().catch((error: unknown) => {
      if (!(error instanceof CallProblem)) throw error;
      enqueueSnackbar(error.message, { variant: 'error' });
    });
  enqueueSnackbar(done, {
    autoHideDuration: offeredMs,
    action: (key) => (
      <Button
        color="inherit"
        onClick={() => {
          closeSnackbar(key);
          void takeBack();
        }}
      >
        {t('app.undo')}
      </Button>
    ),
  });
}
