import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useTranslation } from 'react-i18next';
import { InstructorOnly } from '../app/InstructorOnly.tsx';

interface WorkUnderWayProps {
  /** From 0 to 1. */
  readonly done: number;
  readonly says: string;
  readonly stop: () => Promise<unknown>;
}

/** How far something is that the server works out of a kit. */
export function WorkUnderWay({ done, says, stop }: WorkUnderWayProps) {
  const { t } = useTranslation();
  return (
    <Box
      role="status"
      sx={{ display: 'flex', gap: 2, alignItems: 'center', flexWrap: 'wrap', mb: 2 }}
    >
      <LinearProgress
        variant="determinate"
        value={done * 100}
        sx={{ flex: 1, minWidth: 120 }}
        aria-label={says}
      />
      <span>{says}</span>
      <InstructorOnly>
        <Button color="inherit" onClick={() => void stop()}>
          {t('kits.circuit.stop')}
        </Button>
      </InstructorOnly>
    </Box>
  );
}
