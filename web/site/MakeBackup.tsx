import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { makeBackup } from '#contract/backup';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { saveAs } from './files.ts';

/** Saves one now, with a passphrase or without. */
export function MakeBackup() {
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
        Take one along
      </Typography>
      <Typography sx={{ mb: 1.5 }}>
        Keep it on a stick or in another place: what is on this computer goes with this computer. It
        has people’s names in it. With a passphrase nobody can read it without, you included.
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}>
        <TextField
          label="Passphrase of the file"
          autoComplete="off"
          value={passphrase}
          onChange={({ target }) => setPassphrase(target.value)}
          helperText="Leave it empty for a file that anybody can read."
          sx={{ minWidth: 320 }}
        />
        <Button
          variant="contained"
          loading={saving}
          onClick={() => void make()}
          sx={{ minHeight: 54 }}
        >
          Save a backup
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
