import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { testKey } from '#core/faults/benchTests';
import type { FaultDictionary } from '#core/faults/dictionary';
import type { Proposed } from '#core/faults/nextTest';
import type { Part } from '#core/parts/part';
import { testText } from '#core/words/faultWords';

interface AnotherTestProps {
  readonly dictionary: FaultDictionary;
  readonly parts: ReadonlyMap<string, Part>;
  /** Best first. */
  readonly proposed: readonly Proposed[];
  readonly chosen: Proposed | undefined;
  readonly choose: (test: Proposed | undefined) => void;
}

/** Another question than the best one, for whoever cannot get there with the probe. */
export function AnotherTest({ dictionary, parts, proposed, chosen, choose }: AnotherTestProps) {
  const { t } = useTranslation();
  return (
    <TextField
      select
      size="small"
      label={t('kits.fault.another')}
      value={chosen ? testKey(chosen.test) : ''}
      onChange={({ target }) => choose(proposed.find(({ test }) => testKey(test) === target.value))}
      sx={{ width: 420, maxWidth: '100%' }}
    >
      {proposed.map(({ test }) => (
        <MenuItem key={testKey(test)} value={testKey(test)} sx={{ whiteSpace: 'normal' }}>
          {testText(t, dictionary, test, parts)}
        </MenuItem>
      ))}
    </TextField>
  );
}
