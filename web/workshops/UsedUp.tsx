import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { type Packing, returnBags } from '#contract/packing';
import type { SeatState } from '#core/build/foldSeat';
import { handedOut } from '#core/build/wrapUp';
import { call } from '../app/call.ts';
import { useIsInstructor } from '../app/staff.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { Unopened } from './Unopened.tsx';
import { useWorkshop } from './WorkshopFrame.tsx';

interface UsedUpProps {
  readonly packing: Packing;
  readonly states: readonly SeatState[];
}

/** What the evening took out of the drawers, and what of it goes back. */
export function UsedUp({ packing: loaded, states }: UsedUpProps) {
  const { t, i18n } = useTranslation();
  const { id } = useWorkshop();
  const isInstructor = useIsInstructor();
  const [packing, setPacking] = useState(loaded);
  const { run, refusal } = useSave();
  const { bookedAt, bagsOut, missing } = packing;
  const pieces = handedOut(states);
  const list = new Intl.ListFormat(i18n.language, { type: 'conjunction' });
  return (
    <Box component="section" aria-labelledby="used-up" sx={{ mb: 3, maxWidth: 1100 }}>
      <Typography variant="h2" id="used-up" sx={{ mb: 0.5 }}>
        {t('workshops.usedUp.title')}
      </Typography>
      {bookedAt === null ? (
        <p>
          {t('workshops.usedUp.notBooked')}{' '}
          <Link to={`/workshops/${id}/pack#bags`}>{t('workshops.usedUp.toPack')}</Link>
        </p>
      ) : (
        <>
          <p role="status">
            {t('workshops.packing.bookedAt', { when: dateAndTime(bookedAt) })}{' '}
            {t('workshops.packing.bagsOut', { count: bagsOut })}
            {missing > 0 && ` ${t('workshops.packing.notInDrawers', { count: missing })}`}
          </p>
          {isInstructor && bagsOut > 0 && (
            <Unopened
              key={bagsOut}
              most={bagsOut}
              giveBack={(unopened) =>
                void run(async () =>
                  setPacking(
                    await call(returnBags, { params: { workshopId: id }, body: { unopened } }),
                  ),
                )
              }
            />
          )}
        </>
      )}
      {refusal && <Alert severity="error">{refusal.message}</Alert>}
      <p>
        {pieces.length === 0
          ? t('workshops.usedUp.nothingHandedOut')
          : t('workshops.usedUp.handedOut', {
              count: pieces.reduce((sum, one) => sum + one.pieces, 0),
              places: list.format(
                pieces.map(({ designator, pieces: times }) =>
                  times === 1 ? designator : `${designator} × ${times}`,
                ),
              ),
            })}
      </p>
    </Box>
  );
}
