import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { openSeats, type Workshop } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { dateAndTime } from '../../ui/clock.ts';

/** Before the start seats show a waiting page; a tap opens them earlier. */
export function LetThemBegin({
  workshop,
  now,
}: {
  readonly workshop: Workshop;
  readonly now: Date;
}) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { run, saving, refusal } = useSave();
  if (workshop.openedAt !== null || now.getTime() >= Date.parse(workshop.startsAt)) return null;
  const open = () =>
    void run(async () => {
      await call(openSeats, { params: { workshopId: workshop.id } });
      await revalidate();
    });
  return (
    <Alert
      severity={refusal ? 'error' : 'info'}
      sx={{ mb: 1, flexWrap: { xs: 'wrap', sm: 'nowrap' } }}
      action={
        <Button
          color="inherit"
          variant="outlined"
          loading={saving}
          onClick={open}
          sx={{ whiteSpace: 'nowrap' }}
        >
          {t('workshops.letThemBegin.openTheSeatsNow')}
        </Button>
      }
    >
      {refusal?.message ??
        t('workshops.letThemBegin.seatsWaitUntilLearnersSeeWhen', {
          dateAndTime: dateAndTime(workshop.startsAt),
        })}
    </Alert>
  );
}
