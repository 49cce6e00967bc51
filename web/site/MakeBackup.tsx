import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { makeBackup } from '#contract/backup';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { saveAs } from './files.ts';
import '../ui/form.css';

/** Saves one now, with a passphrase or without. */
export function MakeBackup() {
  const { t } = useTranslation();
  const { run, refusal, saving } = useSave();
  const [passphrase, setPassphrase] = useState('');
  const make = () =>
    run(async () => {
      const { name, file } = await call(makeBackup, {
        body: passphrase === '' ? {} : { passphrase },
      });
      saveAs(name, file);
    });
  return (
    <section aria-labelledby="make">
      <Typography variant="h2" id="make" sx={{ mb: 1 }}>
        {t('site.makeBackup.takeOneAlong')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>{t('site.makeBackup.keepItOnAStickOr')}</Typography>
      <Box className="form-row">
        <TextField
          label={t('site.makeBackup.passphraseOfTheFile')}
          autoComplete="off"
          value={passphrase}
          onChange={({ target }) => setPassphrase(target.value)}
          helperText={t('site.makeBackup.leaveItEmptyForAFile')}
          sx={{ minWidth: 320 }}
        />
        <Button variant="contained" loading={saving} onClick={() => void make()}>
          {t('site.makeBackup.saveABackup')}
        </Button>
      </Box>
      {refusal && (
        <Alert severity="error" sx={{ mt: 1 }}>
          {refusal.message}
        </Alert>
      )}
    </section>
  );
}
