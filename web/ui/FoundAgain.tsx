import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { Typed } from '../app/useTyped.ts';

interface FoundAgainProps {
  readonly typed: Pick<Typed<object>, 'wasFound' | 'startOver'>;
}

/** Says that a form has in it what was typed before and not saved. */
export function FoundAgain({ typed: { wasFound, startOver } }: FoundAgainProps) {
  const { t } = useTranslation();
  if (!wasFound) return null;
  return (
    <Alert
      // Nothing urgent: what is wrong with a form is an alert.
      role="status"
      severity="info"
      action={
        <Button size="small" color="inherit" onClick={startOver}>
          {t('ui.foundAgain.startOver')}
        </Button>
      }
    >
      {t('ui.foundAgain.isBack')}
    </Alert>
  );
}
