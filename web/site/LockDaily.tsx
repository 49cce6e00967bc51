import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { lockDaily, lockDailyBody } from '#contract/backup';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import '../ui/form.css';

/** Whether the backups of every day are encrypted from now on. */
export function LockDaily({ willEncrypt }: { readonly willEncrypt: boolean }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal } = useSave();
  const form = useForm<{ passphrase: string | null }>({
    resolver: resolverOf(lockDailyBody),
    defaultValues: { passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const set = async (passphrase: string | null) => {
    const refused = await run(() => call(lockDaily, { body: { passphrase } }));
    if (refused) return;
    form.reset();
    await revalidate();
    enqueueSnackbar(t(`site.lockDaily.${passphrase === null ? 'isOff' : 'isOn'}`));
  };
  return (
    <Box sx={{ mt: 2 }}>
      <Typography sx={{ mb: 1.5 }}>
        {t(`site.lockDaily.${willEncrypt ? 'encrypted' : 'open'}`)}
      </Typography>
      <Box
        component="form"
        noValidate
        className="form-row"
        onSubmit={(event) => void form.handleSubmit(({ passphrase }) => set(passphrase))(event)}
      >
        <TextField
          label={t('site.lockDaily.passphrase')}
          autoComplete="off"
          error={!!errors.passphrase || !!refusal}
          helperText={errors.passphrase?.message ?? refusal?.message ?? t('site.lockDaily.keepIt')}
          sx={{ minWidth: 320 }}
          {...form.register('passphrase')}
        />
        <Button type="submit" variant="outlined" color="inherit" loading={isSubmitting}>
          {t(`site.lockDaily.${willEncrypt ? 'change' : 'encrypt'}`)}
        </Button>
        {willEncrypt && (
          <Button color="inherit" onClick={() => void set(null)}>
            {t('site.lockDaily.stop')}
          </Button>
        )}
      </Box>
    </Box>
  );
}
