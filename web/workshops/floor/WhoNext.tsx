import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { memo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { reasonsAt, whoNext } from '#core/pace/tonight/whoNext';
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { ink } from '../../app/tokens.ts';
import { Glyph, type GlyphName } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';
import { proposalSentence } from './proposalWords.ts';

interface WhoNextProps {
  readonly seats: readonly FloorSeat[];
  readonly visit: (at: FloorSeat) => void;
  readonly choose: (seatId: string) => void;
}

/** More than these nobody takes in while standing. */
const atAGlance = 6;

/** The sign of the weightiest reason; what asks for no hurry has a quiet one. */
const signOf: Readonly<Record<string, GlyphName>> = {
  asked: 'hand',
  'failed-check': 'cross',
  'on-hold': 'cross',
  'told-too-late': 'warn',
  reversed: 'warn',
  irreversible: 'diamond',
  silent: 'ring',
  unlikely: 'down',
};

const urgent = new Set(['asked', 'failed-check', 'on-hold', 'told-too-late', 'reversed']);

/** Where a visit is worth most, and why; the first is the one to go to. */
export function WhoNext({ seats, visit, choose }: WhoNextProps) {
  const { t } = useTranslation();
  const [all, setAll] = useState(false);
  const ranked = whoNext(seats);
  const shown = all ? ranked : ranked.slice(0, atAGlance);
  return (
    <Box component="section" aria-label={t('workshops.whoNext.whoNext')} aria-live="polite">
      <Typography variant="h2">{t('workshops.whoNext.whoNext')}</Typography>
      {ranked.length === 0 && (
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
            choose={choose}
          />
        ))}
      </Box>
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

interface NextRowProps {
  readonly at: FloorSeat;
  readonly advice: string | undefined;
  readonly visit: (at: FloorSeat) => void;
  readonly choose: (seatId: string) => void;
}

/** A seat and why to go there. It is drawn again only when something about this seat has changed. */
const NextRow = memo(function NextRow({ at, advice, visit, choose }: NextRowProps) {
  const { t } = useTranslation();
  const [first, ...others] = reasonsAt(at).map(({ reason }) => reason);
  const step = at.steps.find(({ id }) => id === at.state.currentStepId);
  const isUrgent = first !== undefined && urgent.has(first.id);
  return (
    <Box
      component="li"
      sx={{
        display: 'grid',
        gridTemplateColumns: '1fr auto',
        gap: 1,
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
