import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useTranslation } from 'react-i18next';
import type { BoardOfSeat } from '#contract/faults';
import { type Answer, testKey } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { backwards } from '#core/learning/mistakes/fitting';
import { shortDesignators } from '#core/parts/label';
import { answerText } from '#core/words/faultWords';

interface FromSeatProps {
  readonly known: BoardOfSeat;
  /** Places whose parts are not on the board yet. */
  readonly missing: readonly string[];
  /** They are, whatever the seat’s page has heard of it. */
  readonly finish: () => void;
  readonly dictionary: FaultDictionary;
  readonly answers: readonly Answer[];
  readonly answer: (given: readonly Answer[]) => void;
}

/** What the seat of a board has logged already: what is not on it yet, what was read, what happened to it. */
export function FromSeat({ known, missing, finish, dictionary, answers, answer }: FromSeatProps) {
  const { t } = useTranslation();
  const { habit, happened } = known;
  const isWhole = missing.length === 0;
  const entered = new Set(answers.map(({ test }) => testKey(test)));
  const readings = isWhole ? known.readings.filter(({ test }) => !entered.has(testKey(test))) : [];
  const reversed = [
    ...new Set(
      happened.mistakes.flatMap(({ mistake, designator }) =>
        mistake === backwards.id && designator !== undefined ? [designator] : [],
      ),
    ),
  ];
  return (
    <Box sx={{ display: 'grid', gap: 1.5, mb: 2 }}>
      {!isWhole && (
        <Alert severity="info">
          {t('kits.fault.ofSeat.missing', { places: shortDesignators(missing) })}
          <Box sx={{ mt: 1 }}>
            <Button variant="outlined" color="inherit" onClick={finish}>
              {t('kits.fault.ofSeat.finished')}
            </Button>
          </Box>
        </Alert>
      )}
      {readings.length > 0 && (
        <Alert severity="info">
          {t('kits.fault.ofSeat.readings', {
            readings: readings.map((one) => answerText(t, dictionary, one)).join(', '),
          })}
          <Box sx={{ mt: 1 }}>
            <Button variant="outlined" color="inherit" onClick={() => answer(readings)}>
              {t('kits.fault.ofSeat.useReadings')}
            </Button>
          </Box>
        </Alert>
      )}
      {isWhole && reversed.length > 0 && (
        <p>{t('kits.fault.ofSeat.reversed', { places: shortDesignators(reversed) })}</p>
      )}
      {habit.mistakes.length > 0 && <p>{t('kits.fault.ofSeat.habit')}</p>}
    </Box>
  );
}
