import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Trans, useTranslation } from 'react-i18next';
import type { Notice } from '#core/build/foldSeat';
import { shortDesignators } from '#core/parts/label';
import { ink } from '../../app/tokens.ts';
import { Glyph } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName, stepNumber } from './floorSeat.ts';

interface NoticesProps {
  readonly seats: readonly FloorSeat[];
  readonly check: (at: FloorSeat, notice: Notice) => void;
  readonly takeBack: (notice: string) => void;
}

/** What everybody was told, and the seats that were past it: those must be looked at. */
export function Notices({ seats, check, takeBack }: NoticesProps) {
  const { t } = useTranslation();
  const told = new Map<string, { notice: Notice; at: FloorSeat }[]>();
  for (const at of seats) {
    for (const notice of at.state.notices) {
      told.set(notice.notice, [...(told.get(notice.notice) ?? []), { notice, at }]);
    }
  }
  if (told.size === 0) return null;
  return (
    <Box component="section" aria-label={t('workshops.notices.toldEveryone')}>
      <Typography variant="h2">{t('workshops.notices.toldEveryone')}</Typography>
      {[...told].reverse().map(([id, ones]) => {
        const [first] = ones;
        if (!first) return null;
        const { text, stepId, designators } = first.notice;
        const toCheck = ones.filter(({ notice }) => notice.standing === 'to-check');
        return (
          <Box key={id} sx={{ borderBottom: `1px solid ${ink('line')}`, py: 1 }}>
            <Box>
              <strong>
                <Trans
                  i18nKey="workshops.notices.step"
                  values={{
                    stepNumber: stepNumber(first.at.steps, stepId),
                    shortDesignators: shortDesignators(designators),
                  }}
                  components={{ span: <span className="mono" /> }}
                />
              </strong>{' '}
              {text}
            </Box>
            {toCheck.length === 0 ? (
              <Box sx={{ color: ink('faded') }}>
                <Trans
                  i18nKey="workshops.notices.noSeatIsLeftToLook"
                  components={{ glyph: <Glyph name="tick" /> }}
                />
              </Box>
            ) : (
              <Box>{t('workshops.notices.toLookAtPastItAlready')}</Box>
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, my: 0.5 }}>
              {toCheck.map(({ at, notice }) => (
                <Button
                  key={at.seat.id}
                  variant="outlined"
                  color="inherit"
                  onClick={() => check(at, notice)}
                  aria-label={t('workshops.notices.seatIsLookedAt', {
                    number: at.seat.number,
                    text,
                  })}
                  sx={{ minHeight: 44 }}
                >
                  {t('workshops.notices.lookedAt', { seatName: seatName(at.seat) })}
                </Button>
              ))}
            </Box>
            <Button
              size="small"
              onClick={() => takeBack(id)}
              aria-label={t('workshops.notices.takeBack', { text })}
            >
              {t('workshops.notices.takeItBack')}
            </Button>
          </Box>
        );
      })}
    </Box>
  );
}
