import Alert from '@mui/material/Alert';
import { useTranslation } from 'react-i18next';
import { totalMinutes } from '#core/pace/stepMinutes';
import { outlookOf } from '#core/pace/tonight/outlook';
import { chanceOf } from '#core/pace/tonight/visitReasons';
import { saying } from '#core/words/sayings';
import { duration } from '../../../ui/clock.ts';
import { useWorkshop } from '../../WorkshopFrame.tsx';
import type { AheadState } from './useAhead.ts';

/** The steps added up, and at once what an evening makes of them. */
export function AheadLine({ state }: { readonly state: AheadState }) {
  const { t } = useTranslation();
  const { steps, lengthMinutes } = useWorkshop();
  const hands = t('workshops.ahead.handsAlone', {
    count: steps.length,
    duration: duration(totalMinutes(steps)),
    length: duration(lengthMinutes),
  });
  if (state.state !== 'done') {
    return (
      <Alert severity="info" sx={{ mb: 2, maxWidth: 900 }}>
        {hands} {state.state !== 'failed' && t('workshops.ahead.isWorkedOut')}
      </Alert>
    );
  }
  const { last, chance } = state.result.forecast;
  return (
    <Alert
      severity={outlookOf({ chance }) === 'likely' ? 'info' : 'warning'}
      sx={{ mb: 2, maxWidth: 900 }}
    >
      {hands}{' '}
      {t('workshops.ahead.withTheRest', {
        last: duration(last.p50),
        from: duration(last.p05),
        to: duration(last.p95),
        chance: saying(t, chanceOf(chance)),
      })}{' '}
      <a href="#fit">{t('workshops.ahead.whatWouldDo')}</a>
    </Alert>
  );
}
