import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';
import { type BenchTest, wordsOfOutcome } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import { outcomeText } from '#core/words/faultWords';

interface OutcomesProps {
  readonly dictionary: FaultDictionary;
  readonly test: BenchTest;
  readonly name: string;
  readonly chosen: string | number | undefined;
  readonly choose: (outcome: string) => void;
  /** It was chosen, and is chosen no more. */
  readonly forget: () => void;
}

/** The words that a test can say, one of them to be chosen. */
export function Outcomes({ dictionary, test, name, chosen, choose, forget }: OutcomesProps) {
  const { t } = useTranslation();
  // A part that stays as it is on a good board has no pace that could be wrong.
  const comesAndGoes = test.kind !== 'sense' || dictionary.goodHertz[test.sense] !== null;
  const words = wordsOfOutcome(test).filter(
    (word) => comesAndGoes || (word !== 'slow' && word !== 'fast'),
  );
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      value={chosen ?? null}
      aria-label={name}
      onChange={(_, word: string | null) => (word === null ? forget() : choose(word))}
      sx={{ flexWrap: 'wrap' }}
    >
      {words.map((word) => (
        <ToggleButton key={word} value={word} sx={{ textTransform: 'none', minHeight: 44 }}>
          {outcomeText(t, dictionary, test, word)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
