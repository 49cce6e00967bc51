import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { MeasuredUnit } from '#core/order/checks/limits';
import { readAtCheck } from '#core/order/checks/readings';
import { saying } from '#core/words/sayings';
import '../../ui/form.css';

interface CheckReadingProps {
  readonly unit: MeasuredUnit;
  readonly read: (amount: number) => void;
}

/** What the meter shows at the seat’s check, entered by whoever stands beside it. */
export function CheckReading({ unit, read }: CheckReadingProps) {
  const { t } = useTranslation();
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const amount = readAtCheck(unit, text);
    setProblem(amount.ok ? undefined : saying(t, amount.problem));
    if (!amount.ok) return;
    setText('');
    read(amount.value);
  };
  return (
    <Box component="form" noValidate onSubmit={submit} className="form-row">
      <TextField
        size="small"
        label={t(`checkForm.ask.${unit}`)}
        value={text}
        onChange={({ target }) => setText(target.value)}
        error={problem !== undefined}
        helperText={problem ?? t(`checkForm.example.${unit}`)}
        sx={{ flex: 1 }}
      />
      <Button type="submit" variant="outlined">
        {t('workshops.checkReading.logIt')}
      </Button>
    </Box>
  );
}
