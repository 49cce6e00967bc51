import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { reasonsAt, type WorthAVisit, whoNext } from '#core/pace/tonight/whoNext';
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import { proposalSentence } from './proposalWords.ts';
import { QuietSeats } from './QuietSeats.tsx';
import { signOf, urgent } from './visitSigns.ts';

interface WhoNextProps {
  readonly seats: readonly FloorSeat[];
  readonly visit: (at: FloorSeat) => void;
  /** Tells the seat that somebody is on the way, or takes that back. */
  readonly comeTo: (at: FloorSeat) => void;
  readonly choose: (seatId: string) => void;
}

/** More than these nobody takes in while standing. */
const atAGlance = 6;

/** Where a visit is worth most, and why; the first is the one to go to. */
export function WhoNext({ seats, visit, comeTo, choose }: WhoNextProps) {
  const { t } = useTranslation();
  const [all, setAll] = useState(false);
  const found = whoNext(seats);
  const quiet = found.filter(isOnlyQuiet);
  // Several who have not tapped are one thing to know.
  const areMany = quiet.length >= manyQuiet;
  const ranked = areMany ? found.filter((one) => !isOnlyQuiet(one)) : found;
  const shown = all ? ranked : ranked.slice(0, atAGlance);
  return (
    <Box component="section" aria-label={t('workshops.whoNext.whoNext')} aria-live="polite">
      <Typography variant="h2">{t('workshops.whoNext.whoNext')}</Typography>
      {found.length === 0 && (
        <Typography sx={{ color: 'text.secondary' }}>
          {t('workshops.whoNext.nobodyNeedsYouNow')}
        </Typography>
      )}
      <Box component="ol" sx={{ m: 0, p: 0, listStyle: 'none' }}>
        {shown.map(({ seat: at, reasons }) => (
          <NextRow
            key={at.seat.id}
            at={at}
            advice={
              reasons.some(({ id }) => id === 'unlikely')
                ? proposalSentence(t, at, seats)
                : undefined
            }
            visit={visit}
            comeTo={comeTo}
            choose={choose}
          />
        ))}
      </Box>
      {areMany && <QuietSeats seats={quiet.map(({ seat }) => seat)} choose={choose} />}
      {ranked.length > atAGlance && (
        <Button color="inherit" onClick={() => setAll(!all)} sx={{ minHeight: 44 }}>
          {all
            ? t('workshops.whoNext.onlyTheFirstOnes')
            : t('workshops.whoNext.andMore', { count: ranked.length - atAGlance })}
        </Button>
      )}
    </Box>
  );
}

/** From so many on, those who have only been quiet stand in one row. */
const manyQuiet = 3;

const isOnlyQuiet = ({ seat, reasons }: WorthAVisit<FloorSeat>): boolean =>
  seat.state.currentStepId !== null &&
  reasons.length > 0 &&
  reasons.every(({ id }) => id === 'silent' || id === 'unlikely') &&
  reasons.some(({ id }) => id === 'silent');

interface NextRowProps {
  readonly at: FloorSeat;
  readonly advice: string | undefined;
  readonly visit: (at: FloorSeat) => void;
  readonly comeTo: (at: FloorSeat) => void;
  readonly choose: (seatId: string) => void;
}

/** A seat and why to go there. It is drawn again only when something about this seat has changed. */
const NextRow = memo(function NextRow({ at, advice, visit, comeTo, choose }: NextRowProps) {
  const { t } = useTranslation();
  const [first, ...others] = reasonsAt(at).map(({ reason }) => reason);
  const step = at.steps.find(({ id }) => id === at.state.currentStepId);
  const isUrgent = first !== undefined && urgent.has(first.id);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr) auto',
        gap: 1,
        overflowWrap: 'anywhere',
        background: ink(isUrgent ? 'alarmSoft' : 'sheet'),
        borderInlineStart: `6px solid ${ink(isUrgent ? 'alarm' : 'faded')}`,
        p: 1,
        mt: 1,
      }}
    >
      <Box sx={{ minWidth: 0 }}>
        <Box component="button" type="button" onClick={() => choose(at.seat.id)} sx={nameStyle}>
          <Glyph name={signOf[first?.id ?? ''] ?? 'dot'} /> {seatName(at.seat)}
        </Box>
        <Box sx={{ fontWeight: 650 }}>{first && saying(t, first.says(at))}</Box>
        {others.map((reason) => (
          <Box key={reason.id}>{saying(t, reason.says(at))}</Box>
        ))}
        {at.state.help?.about && at.state.help.about !== 'hurt' && (
          <Box>{at.state.help.text ?? t(`workshops.seatPanel.about.${at.state.help.about}`)}</Box>
        )}
        {advice && <Box>{advice}</Box>}
        {step && (
          <Box sx={{ color: ink('faded') }}>
            {t('workshops.whoNext.step', {
              stepNumber: stepNumber(at.steps, step.id),
              stepTitle: stepTitle(t, step),
            })}
          </Box>
        )}
      </Box>
      <Button
        variant={isUrgent ? 'contained' : 'outlined'}
        color={isUrgent ? 'primary' : 'inherit'}
        onClick={() => visit(at)}
        sx={{ minHeight: 48, alignSelf: 'start', whiteSpace: 'nowrap' }}
        aria-label={t('workshops.whoNext.goToSeat', { number: at.seat.number })}
      >
        {t('workshops.whoNext.imThere')}
      </Button>
      {at.state.help && (
        <Button
          color="inherit"
          onClick={() => comeTo(at)}
          aria-pressed={at.state.help.coming !== undefined}
          sx={{ minHeight: 44, gridColumn: '1 / -1', justifySelf: 'start' }}
        >
          {t(at.state.help.coming ? 'workshops.coming.takeBack' : 'workshops.coming.say')}
        </Button>
      )}
    </Box>
  );
});

const nameStyle = {
  font: 'inherit',
  fontSize: '1.2rem',
  fontWeight: 700,
  color: 'inherit',
  background: 'none',
  border: 0,
  p: 0,
  minHeight: 28,
  cursor: 'pointer',
  textAlign: 'start',
  textDecoration: 'underline',
} as const;
