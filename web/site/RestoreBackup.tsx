import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { type BackupContents, lookAtBackup, restoreBackup } from '#contract/backup';
import { getSession } from '#contract/session';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { contentWords } from './contentWords.ts';
import { base64Of } from './files.ts';
import '../ui/form.css';

interface Chosen {
  readonly name: string;
  readonly file: string;
}

/** Puts one back, after showing what it holds. */
export function RestoreBackup() {
  const { t } = useTranslation();
  const input = useRef<HTMLInputElement>(null);
  const { run, refusal, saving } = useSave();
  const [chosen, setChosen] = useState<Chosen>();
  const [passphrase, setPassphrase] = useState('');
  const [found, setFound] = useState<BackupContents>();
  const [done, setDone] = useState(false);
  const asked = ({ file }: Chosen) => ({
    body: passphrase === '' ? { file } : { file, passphrase },
  });
  const look = (one: Chosen) =>
    run(async () => {
      setFound(undefined);
      setFound(await call(lookAtBackup, asked(one)));
    });
  const choose = async (file: File | undefined) => {
    if (!file) return;
    const one = { name: file.name, file: base64Of(new Uint8Array(await file.arrayBuffer())) };
    setChosen(one);
    await look(one);
  };
  const restore = (one: Chosen) =>
    run(async () => {
      await call(restoreBackup, asked(one));
      setDone(true);
      await untilBack();
      window.location.assign('/workshops');
    });
  const needsPassphrase = refusal?.about('passphrase') !== undefined || passphrase !== '';
  return (
    <section aria-labelledby="restore">
      <Typography variant="h2" id="restore" sx={{ mb: 1 }}>
        {t('site.restoreBackup.putOneBack')}
      </Typography>
      <Typography sx={{ mb: 1.5 }}>{t('site.restoreBackup.youSeeWhatAFileHolds')}</Typography>
      <Button variant="outlined" color="inherit" onClick={() => input.current?.click()}>
        {chosen ? t('site.restoreBackup.chooseAnotherFile') : t('site.restoreBackup.chooseABackup')}
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        accept=".backup"
        aria-label={t('site.restoreBackup.backupFile')}
        onChange={({ target }) => {
          void choose(target.files?.[0]);
          target.value = '';
        }}
      />
      {chosen && <Typography sx={{ mt: 1 }}>{chosen.name}</Typography>}
      {chosen && needsPassphrase && (
        <Box className="form-row" sx={{ mt: 1.5 }}>
          <TextField
            label={t('site.restoreBackup.passphraseOfThisFile')}
            autoComplete="off"
            value={passphrase}
            onChange={({ target }) => setPassphrase(target.value)}
            error={refusal?.about('passphrase') !== undefined}
            helperText={refusal?.about('passphrase') ?? ' '}
            sx={{ minWidth: 320 }}
          />
          <Button variant="outlined" loading={saving} onClick={() => void look(chosen)}>
            {t('site.restoreBackup.lookIntoIt')}
          </Button>
        </Box>
      )}
      {refusal && !refusal.about('passphrase') && (
        <Alert severity="error" sx={{ mt: 1.5 }}>
          {refusal.message}
        </Alert>
      )}
      {found && chosen && (
        <Alert severity="warning" sx={{ mt: 1.5 }}>
          {t('site.restoreBackup.holds', { contents: contentWords(found) })}{' '}
          {found.latestEntryAt &&
            `${t('site.restoreBackup.lastEntry', { when: dateAndTime(found.latestEntryAt) })} `}
          {t('site.restoreBackup.replaces')}
          <Box sx={{ mt: 1.5 }}>
            <Button
              color="inherit"
              variant="outlined"
              loading={saving}
              onClick={() => void restore(chosen)}
            >
              {t('site.restoreBackup.putItInPlaceOfEverything')}
            </Button>
          </Box>
        </Alert>
      )}
      {done && (
        <Alert severity="info" sx={{ mt: 1.5 }}>
          {t('site.restoreBackup.itIsInPlaceOzzetIs')}
        </Alert>
      )}
    </section>
  );
}

/** Resolves when the program answers again. */
async function untilBack(): Promise<void> {
  for (;;) {
    await new Promise((resolve) => setTimeout(resolve, 1000));
    try {
      await call(getSession, {});
      return;
    } catch {
      // Not yet.
    }
  }
}
