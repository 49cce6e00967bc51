import Button from '@mui/material/Button';
import InputAdornment from '@mui/material/InputAdornment';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type BenchTest, type Outcome, unitOf } from '#core/faults/benchTests';
import { numberTyped } from '../../ui/decimal.ts';
import '../../ui/form.css';

interface ReadNumberProps {
  readonly test: BenchTest;
  readonly read: (outcome: Outcome) => void;
}

/** What a meter shows, typed. */
export function ReadNumber({ test, read }: ReadNumberProps) {
  const { t } = useTranslation();
  const [typed, setTyped] = useState('');
  const [isMissing, setMissing] = useState(false);
  return (
    <form
      className="form-row"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const value = numberTyped(typed);
        if (value === null) setMissing(true);
        else read(value);
      }}
    >
      <TextField
        size="small"
        label={t('kits.fault.read')}
        value={typed}
        error={isMissing}
        helperText={isMissing ? t('kits.fault.noNumber') : undefined}
        onChange={({ target }) => {
          setTyped(target.value);
          setMissing(false);
        }}
        slotProps={{
          htmlInput: { inputMode: 'decimal', autoComplete: 'off' },
          input: { endAdornment: <InputAdornment position="end">{unitOf(test)}</InputAdornment> },
        }}
        sx={{ width: 170 }}
      />
      <Button type="submit" variant="contained">
        {t('kits.fault.take')}
      </Button>
      {test.kind === 'volt' && (
        <Button color="inherit" onClick={() => read('moves')}>
          {t('fault.meter.moves')}
        </Button>
      )}
    </form>
  );
}
