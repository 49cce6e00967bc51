import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Deed } from '#core/build/event';
import { OpenSeatButton } from '../OpenSeatButton.tsx';
import { useWorkshop } from '../WorkshopFrame.tsx';
import { type FloorSeat, stepNumber } from './floorSeat.ts';

export interface SeatDeedsProps {
  readonly workshopId: string;
  readonly at: FloorSeat;
  readonly visit: () => void;
  /** Logs something at this seat, and says so. */
  readonly record: (deed: Deed, said: string) => void;
  readonly praise: () => void;
  /** Tells the seat that somebody is on the way, or takes that back. */
  readonly comeTo: () => void;
  readonly open: (dialog: 'put' | 'swap') => void;
}

/** What staff can do at a seat with one tap. */
export function SeatDeeds({ workshopId, at, visit, record, praise, comeTo, open }: SeatDeedsProps) {
  const { t } = useTranslation();
  const { kitId } = useWorkshop();
  const { seat, state, steps } = at;
  const step = steps.find(({ id }) => id === state.currentStepId);
  const holds = state.holds.filter(({ stepId }) => stepId === step?.id);
  // What was done last and nobody has looked at.
  const toCheck = steps.findLast(
    ({ id, kind }) =>
      kind === 'solder' &&
      id in state.doneAt &&
      !state.checkedGood.some(({ stepId }) => stepId === id),
  );
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      <Button variant="contained" onClick={visit} sx={{ minHeight: 44 }}>
        {state.help ? t('workshops.seatPanel.imThere') : t('workshops.seatPanel.markAVisit')}
      </Button>
      {state.help && (
        <Button
          variant="outlined"
          onClick={comeTo}
          aria-pressed={state.help.coming !== undefined}
          sx={{ minHeight: 44 }}
        >
          {t(state.help.coming ? 'workshops.coming.takeBack' : 'workshops.coming.say')}
        </Button>
      )}
      {step && holds.length > 0 && (
        <Button
          variant="outlined"
          onClick={() =>
            record(
              { kind: 'released', stepId: step.id, failed: holds.map(({ eventId }) => eventId) },
              t('workshops.seatPanel.released'),
            )
          }
          sx={{ minHeight: 44 }}
        >
          {t('workshops.seatPanel.release')}
        </Button>
      )}
      {step && holds.length === 0 && (
        <Button
          variant="outlined"
          onClick={() =>
            record(
              { kind: 'step-done', stepId: step.id },
              t(
                step.kind === 'check'
                  ? 'workshops.seatPanel.theCheckIsPassed'
                  : 'workshops.seatPanel.theStepIsDone',
              ),
            )
          }
          sx={{ minHeight: 44 }}
        >
          {t(
            step.kind === 'check'
              ? 'workshops.seatPanel.checkPassed'
              : 'workshops.seatPanel.stepDone',
          )}
        </Button>
      )}
      {toCheck && (
        <Button
          variant="outlined"
          color="inherit"
          onClick={() =>
            record(
              { kind: 'checked-good', stepId: toCheck.id },
              t('workshops.seatPanel.checkedGoodAtStep', {
                stepNumber: stepNumber(steps, toCheck.id),
              }),
            )
          }
          sx={{ minHeight: 44 }}
        >
          {t('workshops.seatPanel.jointsGood', { stepNumber: stepNumber(steps, toCheck.id) })}
        </Button>
      )}
      <Button variant="outlined" color="inherit" onClick={() => open('put')} sx={{ minHeight: 44 }}>
        {t('workshops.putAtStep.open')}
      </Button>
      <Button
        variant="outlined"
        color="inherit"
        onClick={() => open('swap')}
        sx={{ minHeight: 44 }}
      >
        {t('workshops.swapSeats.open')}
      </Button>
      <Button variant="outlined" color="inherit" onClick={praise} sx={{ minHeight: 44 }}>
        {t('workshops.seatPanel.wellDone')}
      </Button>
      <Button
        variant="outlined"
        color="inherit"
        component={Link}
        to={`/kits/${kitId}/fault?workshop=${workshopId}&seat=${seat.id}`}
        sx={{ minHeight: 44 }}
      >
        {t('workshops.seatPanel.findTheFault')}
      </Button>
      <OpenSeatButton workshopId={workshopId} seat={seat} />
    </Box>
  );
}
