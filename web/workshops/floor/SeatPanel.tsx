import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { Trans, useTranslation } from 'react-i18next';
import { checkFailed } from '#core/learning/mistakes/checks';
import { measuringOf } from '#core/order/checks/measuring';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { readingWords } from '#core/words/orderWords';
import { ownWords } from '#core/words/ownText';
import { stepPlaces, stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { timeOfDay } from '../../ui/clock.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { PartPicture } from '../../ui/PartPicture.tsx';
import { CheckReading } from './CheckReading.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import { proposalSentence } from './proposalWords.ts';
import { ReplacePart } from './ReplacePart.tsx';
import { SeatDeeds, type SeatDeedsProps } from './SeatDeeds.tsx';
import { SeatNote } from './SeatNote.tsx';
import { seatEntries } from './seatEntries.ts';

// Comes by itself: most seats have no photo.
const SeatPhotos = lazy(async () => ({
  default: (await import('../records/SeatPhotos.tsx')).SeatPhotos,
}));

interface SeatPanelProps extends SeatDeedsProps {
  readonly seats: readonly FloorSeat[];
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
  comeTo,
  open,
  undo,
  close,
}: SeatPanelProps) {
  const { t } = useTranslation();
  const { seat, state, steps, tonight } = at;
  const step = steps.find(({ id }) => id === state.currentStepId);
  const measuring = step ? measuringOf(step) : null;
  const holds = state.holds.filter(({ stepId }) => stepId === step?.id);
  const pieces = step && state.counts[step.id];
  const entries = seatEntries(t, at);
  return (
    <Box
      component="section"
      aria-label={t('workshops.seatPanel.seat', { seatName: seatName(seat) })}
      sx={{ display: 'grid', gap: 1 }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'baseline' }}>
        <Typography variant="h2" sx={{ fontSize: '1.4rem' }}>
          {seatName(seat)}
        </Typography>
        <Button onClick={close}>{t('workshops.seatPanel.close')}</Button>
      </Box>
      {step ? (
        <Box sx={{ background: ink('sheet'), border: `1px solid ${ink('line')}`, p: 1 }}>
          <Box sx={{ color: ink('faded') }}>
            {t('workshops.seatPanel.step', { stepNumber: stepNumber(steps, step.id) })}
          </Box>
          <Box sx={{ fontWeight: 650 }}>
            {stepTitle(t, step)} <span className="mono">{stepPlaces(step)}</span>
          </Box>
          {step.own?.words.repeat && (
            <Box>
              {t('workshops.seatPanel.counted', {
                pieces: pieces ?? 0,
                times: step.own.words.repeat.times,
              })}
            </Box>
          )}
          {holds.length > 0 && (
            <Box sx={{ fontWeight: 650, color: ink('alarm') }}>
              {t('workshops.seatPanel.onHold')}
            </Box>
          )}
          {step.own?.words.note && (
            <Box sx={{ fontStyle: 'italic' }}>{ownWords(t, step.own.words.note)}</Box>
          )}
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
          <Trans
            i18nKey="workshops.seatPanel.everythingIsDone"
            components={{ glyph: <Glyph name="tick" /> }}
          />
        </Typography>
      )}
      {state.help && (
        <Box role="status" sx={{ fontWeight: 650 }}>
          {state.help.about
            ? t(`workshops.seatPanel.about.${state.help.about}`)
            : t('workshops.seatPanel.about.unsaid')}
          {state.help.text && `: ${state.help.text}`}
        </Box>
      )}
      {state.missing.length > 0 && (
        <Box>
          {t('workshops.seatPanel.missing', {
            places: state.missing.flatMap(({ designators }) => designators).join(', '),
          })}
        </Box>
      )}
      <SeatDeeds
        workshopId={workshopId}
        at={at}
        visit={visit}
        record={record}
        praise={praise}
        comeTo={comeTo}
        open={open}
      />
      <ReplacePart
        at={at}
        replace={(stepId, designator) =>
          record(
            { kind: 'part-replaced', stepId, designator },
            t('workshops.seatPanel.replaced', { designator }),
          )
        }
      />
      {step && measuring && (
        <CheckReading
          unit={measuring.unit}
          read={(amount) => {
            const isRight = measuring.judge(amount) === 'right';
            record(
              { kind: 'reading', stepId: step.id, amount },
              t('workshops.seatPanel.logged', { readingWords: readingWords(t, step, amount) }),
            );
            if (!isRight) {
              record(
                { kind: 'mistake', stepId: step.id, mistake: checkFailed.id },
                t('workshops.seatPanel.theCheckSaysNoNoPower'),
              );
            }
          }}
        />
      )}
      <SeatNote
        write={(text) => record({ kind: 'note', text }, t('workshops.seatNote.isWritten'))}
      />
      <Suspense>
        <SeatPhotos
          workshopId={workshopId}
          seatId={seat.id}
          state={state}
          report={(deed) =>
            deed.kind === 'undo' ? undo(deed.undoes) : record(deed, t('workshops.photos.isTaken'))
          }
        />
      </Suspense>
      {/* It comes some moments after the panel, so it stands below what is typed and pressed. */}
      {step && tonight.forecast && (
        <Box>
          <Trans
            i18nKey="workshops.seatPanel.toFinishTonightFrom"
            values={{
              chance: saying(t, chanceOf(tonight.forecast.chance)),
              from: t('workshops.seatPanel.from', { count: tonight.times.length }),
              proposal: proposalSentence(t, at, seats),
            }}
            components={{ strong: <strong /> }}
          />
        </Box>
      )}
      <Typography variant="h2">{t('workshops.seatPanel.logged2')}</Typography>
      {entries.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          {t('workshops.seatPanel.nothingButStepsSoFar')}
        </Typography>
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
          <Button
            size="small"
            onClick={() => undo(eventId)}
            aria-label={t('workshops.seatPanel.undo', { text })}
          >
            {t('workshops.seatPanel.undo2')}
          </Button>
        </Box>
      ))}
    </Box>
  );
}
