import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { Deed } from '#core/build/event';
import { checkFailed } from '#core/learning/mistakes/checks';
import { checkOf } from '#core/order/checks/index';
import { percent } from '#core/pace/tonight/visitReasons';
import { readingWords } from '#core/words/orderWords';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { ink } from '../../app/tokens.ts';
import { timeOfDay } from '../../ui/clock.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture } from '../../ui/PartPicture.tsx';
import { OpenSeatButton } from '../OpenSeatButton.tsx';
import { CheckReading } from './CheckReading.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import { proposalSentence } from './proposalWords.ts';
import { ReplacePart } from './ReplacePart.tsx';

interface SeatPanelProps {
  readonly workshopId: string;
  readonly at: FloorSeat;
  readonly seats: readonly FloorSeat[];
  readonly visit: () => void;
  /** Logs something at this seat, and says so. */
  readonly record: (deed: Deed, said: string) => void;
  readonly praise: () => void;
  readonly undo: (eventId: string) => void;
  readonly close: () => void;
}

/** One seat: what the learner has before them, and what was logged, each entry to be taken back. */
export function SeatPanel({
  workshopId,
  at,
  seats,
  visit,
  record,
  praise,
  undo,
  close,
}: SeatPanelProps) {
  const { t } = useTranslation();
  const { seat, state, steps, tonight } = at;
  const step = steps.find(({ id }) => id === state.currentStepId);
  const form = step?.kind === 'check' ? checkOf(step.check).form : null;
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
    ...state.visits.map(({ eventId, at, endedAt, helper }) => ({
      eventId,
      at,
      text: `Visit${helper ? ` by ${helper}` : ''}${endedAt === null ? '' : `, ${minutesLong(at, endedAt)}`}`,
    })),
    ...state.praises.map(({ eventId, at, stepId }) => ({
      eventId,
      at,
      text: `Well done at step ${stepNumber(steps, stepId)}`,
    })),
    ...state.replaced.map(({ eventId, at, designator }) => ({
      eventId,
      at,
      text: `${designator} replaced`,
    })),
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
          <Button
            variant="outlined"
            onClick={() => record({ kind: 'step-done', stepId: step.id }, 'the check is passed')}
            sx={{ minHeight: 44 }}
          >
            Check passed
          </Button>
        )}
        <Button variant="outlined" color="inherit" onClick={praise} sx={{ minHeight: 44 }}>
          Well done
        </Button>
        <OpenSeatButton workshopId={workshopId} seat={seat} />
      </Box>
      <ReplacePart
        at={at}
        replace={(stepId, designator) =>
          record({ kind: 'part-replaced', stepId, designator }, `${designator} replaced`)
        }
      />
      {step?.kind === 'check' && form && (
        <CheckReading
          form={form}
          read={(amount) => {
            const isRight = form.judge(amount, step) === 'right';
            record(
              { kind: 'reading', stepId: step.id, amount },
              `${readingWords(t, step, amount)} logged`,
            );
            if (!isRight) {
              record(
                { kind: 'mistake', stepId: step.id, mistake: checkFailed.id },
                'the check says no: no power',
              );
            }
          }}
        />
      )}
      {step && (
        <Box>
          <strong>{percent(tonight.chance)} to finish tonight</strong>, from{' '}
          {tonight.count === 0 ? 'what is assumed' : `${tonight.count} own step times`}.{' '}
          {proposalSentence(t, at, seats)}
        </Box>
      )}
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

const minutesLong = (from: string, to: string): string => {
  const minutes = Math.round((Date.parse(to) - Date.parse(from)) / 60_000);
  return minutes === 0 ? 'under a minute' : `${minutes} min`;
};
