import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { LearntPaces } from '#contract/pace';
import { minutesAVisit, troubleAJoint } from '#core/pace/learnt/trouble';
import { decimal } from '../../../ui/decimal.ts';

/** Where the figures come from, and whether those of earlier evenings were any good. */
export function HowWorkedOut({ paces }: { readonly paces: LearntPaces }) {
  const { t } = useTranslation();
  const { count, workshops, judged, widened, trouble } = paces;
  return (
    <Box component="details" sx={{ mt: 1.5, maxWidth: '80ch' }}>
      <Box component="summary" sx={{ cursor: 'pointer', fontWeight: 650, py: 1 }}>
        {t('workshops.ahead.how.title')}
      </Box>
      <Typography sx={{ mb: 1 }}>{t('workshops.ahead.how.model')}</Typography>
      <Typography sx={{ mb: 1 }}>
        {count === 0
          ? t('workshops.ahead.how.nothingSeen')
          : t('workshops.ahead.how.seen', {
              times: t('workshops.willItFit.stepTimes', { count }),
              workshops: t('workshops.willItFit.workshops', { count: workshops }),
            })}{' '}
        {t('workshops.ahead.how.trouble', {
          joints: Math.round(1 / troubleAJoint(trouble)),
          minutes: decimal(minutesAVisit(trouble), 1),
          count: trouble.visits,
        })}
      </Typography>
      <Typography>
        {judged.count === 0
          ? t('workshops.ahead.how.notJudged')
          : t('workshops.ahead.how.judged', {
              count: judged.count,
              inRange: judged.inRange,
              inHalf: judged.inHalf,
              minutes: decimal(judged.minutesOff ?? 0, 1),
            })}{' '}
        {widened > 1.02 && t('workshops.ahead.how.widened', { times: decimal(widened, 1) })}
      </Typography>
    </Box>
  );
}
