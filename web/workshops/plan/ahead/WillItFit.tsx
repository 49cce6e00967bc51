import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import type { LearntPaces } from '#contract/pace';
import type { Conditions } from '#core/pace/evening/conditions';
import { useWorkshop } from '../../WorkshopFrame.tsx';
import { ConditionsForm } from './ConditionsForm.tsx';
import { HowWorkedOut } from './HowWorkedOut.tsx';
import type { useAhead } from './useAhead.ts';
import { WhatWouldDo } from './WhatWouldDo.tsx';

interface WillItFitProps {
  readonly paces: LearntPaces;
  readonly kept: Conditions;
  readonly typed: Conditions | undefined;
  readonly ahead: ReturnType<typeof useAhead>;
}

/** The evening before it happens: will everybody finish, what do people wait for, what would do. */
export function WillItFit({ paces, kept, typed, ahead: { state, cancel, again } }: WillItFitProps) {
  const { t } = useTranslation();
  const { id } = useWorkshop();
  return (
    <Box component="section" aria-labelledby="fit" sx={{ mb: 4, maxWidth: 1100 }}>
      <Typography variant="h2" id="fit">
        {t('workshops.willItFit.willItFit')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>{t('workshops.ahead.sayWhatThereIs')}</Typography>
      <ConditionsForm workshopId={id} kept={kept} version={paces.conditionsVersion} typed={typed} />
      {state.state === 'working' && (
        <Box
          role="status"
          sx={{ display: 'flex', gap: 2, alignItems: 'center', mt: 2, maxWidth: 620 }}
        >
          <LinearProgress
            variant="determinate"
            value={100 * (state.progress ?? 0)}
            aria-label={t('workshops.willItFit.eveningsRun')}
            sx={{ flex: 1 }}
          />
          <Button onClick={cancel}>{t('workshops.willItFit.cancel')}</Button>
        </Box>
      )}
      {state.state === 'idle' && typed && (
        <Button variant="outlined" onClick={again} sx={{ mt: 2 }}>
          {t('workshops.ahead.workOut')}
        </Button>
      )}
      {state.state === 'failed' && (
        <Alert severity="error" sx={{ mt: 2 }}>
          {state.message}
        </Alert>
      )}
      {state.state === 'done' && <WhatWouldDo result={state.result} />}
      <HowWorkedOut paces={paces} />
    </Box>
  );
}
