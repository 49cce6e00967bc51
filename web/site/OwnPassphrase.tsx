import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changePassphrase, changePassphraseBody } from '#contract/session';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import '../ui/form.css';

export function OwnPassphrase() {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run } = useSave();
  const form = useForm({
    resolver: resolverOf(changePassphraseBody),
    defaultValues: { current: '', passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const change = form.handleSubmit(async (body) => {
    const refused = await run(() => call(changePassphrase, { body }));
    if (refused) {
      const field = refused.about('passphrase') ? 'passphrase' : 'current';
      return form.setError(field, { message: refused.about(field) ?? refused.message });
    }
    form.reset();
    await revalidate();
    enqueueSnackbar(t('site.ownPassphrase.passphraseChangedYourOtherDevicesAre'));
    return undefined;
  });
  return (
    <section aria-labelledby="own-passphrase">
      <Typography variant="h2" id="own-passphrase" sx={{ mb: 1 }}>
        {t('site.ownPassphrase.changeYourPassphrase')}
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void change(event)}
        className="form-row"
      >
        <TextField
          label={t('site.ownPassphrase.passphraseNow')}
          type="password"
          autoComplete="current-password"
          error={!!errors.current}
          helperText={errors.current?.message ?? ' '}
          {...form.register('current')}
        />
        <TextField
          label={t('site.ownPassphrase.newPassphrase')}
          type="password"
          autoComplete="new-password"
          error={!!errors.passphrase}
          helperText={errors.passphrase?.message ?? t('site.ownPassphrase.atLeast10Characters')}
          {...form.register('passphrase')}
        />
        <Button type="submit" variant="outlined" loading={isSubmitting}>
          {t('site.ownPassphrase.changePassphrase')}
        </Button>
      </Box>
    </section>
  );
}
