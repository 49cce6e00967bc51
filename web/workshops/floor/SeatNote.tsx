import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import '../../ui/form.css';

/** Something about a seat that staff should know, and that the learner is not shown. */
export function SeatNote({ write }: { readonly write: (text: string) => void }) {
  const { t } = useTranslation();
  const [text, setText] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (text.trim() === '') return;
    write(text.trim());
    setText('');
  };
  return (
    <Box component="form" noValidate onSubmit={submit} className="form-row">
      <TextField
        size="small"
        multiline
        label={t('workshops.seatNote.label')}
        value={text}
        onChange={({ target }) => setText(target.value)}
        slotProps={{ htmlInput: { maxLength: 500 } }}
        sx={{ flex: 1 }}
      />
      <Button type="submit" variant="outlined" color="inherit" disabled={text.trim() === ''}>
        {t('workshops.seatNote.write')}
      </Button>
    </Box>
  );
}
