import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { otherValues } from '#core/learning/mistakes/otherValues';
import type { PlannedStep } from '#core/pace/stepMinutes';
import { partName } from '#core/words/partWords';

interface WhichValueProps {
  readonly steps: readonly PlannedStep[];
  readonly place: string;
  /** With a place of the part that was fitted instead; undefined where nobody knows. */
  readonly say: (instead: string | undefined) => void;
}

/** Which part sits where another value belongs: so that the report counts the two that were mixed up. */
export function WhichValue({ steps, place, say }: WhichValueProps) {
  const { t } = useTranslation();
  return (
    <>
      <Typography sx={{ mb: 1 }}>{t('workshops.mistakeGrid.whichValue', { place })}</Typography>
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
        {otherValues(steps, place).map((part) => (
          <Button
            key={part.designators[0]}
            variant="outlined"
            color="inherit"
            onClick={() => say(part.designators[0])}
          >
            {partName(t, { ...part, quantity: 1 })} ({part.designators.join(', ')})
          </Button>
        ))}
        <Button color="inherit" onClick={() => say(undefined)}>
          {t('workshops.mistakeGrid.notKnown')}
        </Button>
      </Box>
    </>
  );
}
