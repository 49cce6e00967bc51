import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeName, changeNameBody } from '#contract/session';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useSave } from '../app/useSave.ts';
import '../ui/form.css';

export function OwnName({ name }: { readonly name: string }) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run } = useSave();
  const form = useForm({ resolver: resolverOf(changeNameBody), defaultValues: { name } });
  const { errors, isSubmitting, isDirty } = form.formState;
  const change = form.handleSubmit(async (body) => {
    const refused = await run(() => call(changeName, { body }));
    if (refused) {
      form.setError('name', { message: refused.about('name') ?? refused.message });
      return;
    }
    enqueueSnackbar(t('site.ownName.youSignInAsFromNow', { name: body.name }));
    await revalidate();
  });
  return (
    <section aria-labelledby="own-name">
      <Typography variant="h2" id="own-name" sx={{ mb: 1 }}>
        {t('site.ownName.changeYourName')}
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void change(event)}
        className="form-row"
      >
        <TextField
          label={t('site.ownName.yourName')}
          autoComplete="username"
          error={!!errors.name}
          helperText={errors.name?.message ?? t('site.ownName.youSignInWithItAnd')}
          {...form.register('name')}
        />
        <Button type="submit" variant="outlined" disabled={!isDirty} loading={isSubmitting}>
          {t('site.ownName.changeName')}
        </Button>
      </Box>
    </section>
  );
}
