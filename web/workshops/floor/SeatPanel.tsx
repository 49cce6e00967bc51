import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { seatPagePath } from '#contract/seats';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { readingWords } from '#core/words/orderWords';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { ink } from '../../app/tokens.ts';
import { timeOfDay } from '../../ui/clock.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture } from '../../ui/PartPicture.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

interface SeatPanelProps {
  readonly at: FloorSeat;
  readonly steps: readonly PlannedStep[];
  readonly visit: () => void;
  /** The check that the seat is at is passed: somebody has measured it here. */
  readonly pass: (stepId: string) => void;
  readonly undo: (eventId: string) => void;
  readonly close: () => void;
}

/** One seat: what the learner has before them, and what was logged, each entry to be taken back. */
export function SeatPanel({
  at: { seat, state },
  steps,
  visit,
  pass,
  undo,
  close,
}: SeatPanelProps) {
  const { t } = useTranslation();
  const step = steps.find(({ id }) => id === state.currentStepId);
  const entries = [
    ...state.mistakes.map((mistake) => ({
      eventId: mistake.eventId,
      at: mistake.foundAt,
      text: `${t(`mistake.${mistake.mistake}.name`)}${mistake.designator ? ` at ${mistake.designator}` : ''}, made at step ${stepNumber(steps, mistake.madeAtStepId)}`,
    })),
    ...state.readings.flatMap(({ eventId, at, stepId, amount }) => {
      const check = steps.find(({ id }) => id === stepId);
      if (check?.kind !== 'check') return [];
      return { eventId, at, text: `${stepTitle(t, check)}: ${readingWords(t, check, amount)}` };
    }),
    ...state.visits.map(({ eventId, at }) => ({ eventId, at, text: 'Visit' })),
  ].sort((a, b) => b.at.localeCompare(a.at));
  return (
    <Box component="section" aria-label={`Seat ${seatName(seat)}`} sx={{ display: 'grid', gap: 1 }}>
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
          {seatName(seat)}
        </Typography>
        <Button onClick={close}>Close</Button>
      </Box>
      {step ? (
        <Box sx={{ background: ink('sheet'), border: `1px solid ${ink('line')}`, p: 1 }}>
          <Box sx={{ color: ink('faded') }}>Step {stepNumber(steps, step.id)}</Box>
          <Box sx={{ fontWeight: 650 }}>
            {stepTitle(t, step)} <span className="mono">{stepPlaces(step)}</span>
          </Box>
          {step.kind !== 'check' && (
            <Box sx={{ mt: 1, '& .mat': { p: '4px 8px' } }}>
              {step.parts.map((part) => (
                <PartPicture
                  key={part.designators.join() || part.description}
                  part={part}
                  pixelsPerMm={5}
                />
              ))}
            </Box>
          )}
        </Box>
      ) : (
        <Typography>
          <Glyph name="tick" /> Everything is done.
        </Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        <Button variant="contained" onClick={visit} sx={{ minHeight: 44 }}>
          {state.help ? 'I’m there' : 'Mark a visit'}
        </Button>
        {step?.kind === 'check' && (
          <Button variant="outlined" onClick={() => pass(step.id)} sx={{ minHeight: 44 }}>
            Check passed
          </Button>
        )}
        <Button href={seatPagePath(seat.token)} target="_blank" sx={{ minHeight: 44 }}>
          Open the seat
        </Button>
      </Box>
      <Typography variant="h2">Logged</Typography>
      {entries.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>Nothing but steps so far.</Typography>
      )}
      {entries.map(({ eventId, at, text }) => (
        <Box
          key={eventId}
          sx={{
            display: 'grid',
            gridTemplateColumns: 'auto 1fr auto',
            gap: 1,
            alignItems: 'center',
            borderBottom: `1px solid ${ink('line')}`,
          }}
        >
          <span className="mono">{timeOfDay(at)}</span>
          <span>{text}</span>
          <Button size="small" onClick={() => undo(eventId)} aria-label={`Undo ${text}`}>
            Undo
          </Button>
        </Box>
      ))}
    </Box>
  );
}
