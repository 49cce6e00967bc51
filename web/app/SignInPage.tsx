import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { useLoaderData, useNavigate, useSearchParams } from 'react-router';
import { anyText } from '#contract/leaves';
import { fields } from '#contract/schema';
import {
  newPassphrase,
  type SessionState,
  setUp,
  signIn,
  signInPassphrase,
} from '#contract/session';
import { version } from '#contract/version';
import { LanguageChoice } from '../ui/LanguageChoice.tsx';
import { call } from './call.ts';
import { resolverOf } from './resolverOf.ts';
import { useSave } from './useSave.ts';
import { Wordmark } from './Wordmark.tsx';

/** As it is filled in: the name may be left empty. */
const enterBody = fields({
  name: anyText(40),
  passphrase: signInPassphrase,
  code: anyText(20),
});
const firstBody = fields({
  name: anyText(40),
  passphrase: newPassphrase,
  code: anyText(20),
});

/** The door: the passphrase, or on first use the choice of one. */
export function SignInPage() {
  const { t } = useTranslation();
  const { needsSetup, needsCode, needsName } = useLoaderData<SessionState>();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const form = useForm({
    resolver: resolverOf(needsSetup ? firstBody : enterBody),
    defaultValues: { name: '', passphrase: '', code: '' },
  });
  const { run } = useSave();
  const { errors, isSubmitting } = form.formState;

  const enter = form.handleSubmit(async (body) => {
    const { name, passphrase, code } = body;
    const refused = await run(() =>
      needsSetup
        ? call(setUp, { body: needsCode ? { name, passphrase, code } : { name, passphrase } })
        : call(signIn, { body: { name, passphrase } }),
    );
    if (refused) {
      const field = (['code', 'name'] as const).find((one) => refused.about(one)) ?? 'passphrase';
      form.setError(field, { message: refused.about(field) ?? refused.message });
    } else {
      await navigate(ownPath(search.get('next')));
    }
  });

  return (
    <Box component="main" sx={{ minHeight: '100dvh', display: 'grid', placeItems: 'center', p: 3 }}>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void enter(event)}
        sx={{ width: 'min(26rem, 100%)', display: 'grid', gap: 2 }}
      >
        <Wordmark large />
        <Typography variant="h1">
          {needsSetup ? t('app.signInPage.chooseAPassphrase') : t('app.signInPage.signIn')}
        </Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {needsSetup
            ? t('app.signInPage.itOpensYourKitsWorkshopsAnd')
            : t('app.signInPage.forInstructorsAndHelpersLearnersOpen')}
        </Typography>
        <TextField
          label={needsName ? t('app.signInPage.name') : t('app.signInPage.nameMayBeLeftEmpty')}
          autoComplete="username"
          autoFocus={needsName}
          error={errors.name !== undefined}
          helperText={errors.name?.message ?? nameHint({ needsSetup, needsName })}
          {...form.register('name')}
        />
        <TextField
          label={t('app.signInPage.passphrase')}
          type="password"
          autoComplete={needsSetup ? 'new-password' : 'current-password'}
          autoFocus={!needsName}
          error={errors.passphrase !== undefined}
          helperText={
            errors.passphrase?.message ??
            (needsSetup ? t('app.signInPage.atLeast10Characters') : ' ')
          }
          {...form.register('passphrase')}
        />
        {needsCode && (
          <TextField
            label={t('app.signInPage.code')}
            autoComplete="off"
            error={errors.code !== undefined}
            helperText={errors.code?.message ?? t('app.signInPage.theTerminalInWhichOzzetWas')}
            {...form.register('code')}
          />
        )}
        <Button type="submit" variant="contained" size="large" loading={isSubmitting}>
          {needsSetup ? t('app.signInPage.setPassphrase') : t('app.signInPage.signIn')}
        </Button>
        <Box sx={{ display: 'flex', justifyContent: 'space-between', alignItems: 'center' }}>
          <Typography variant="body2" sx={{ color: 'text.secondary' }}>
            {t('app.signInPage.ozzet', { version })}
          </Typography>
          <LanguageChoice reader="staff" />
        </Box>
      </Box>
    </Box>
  );
}

function nameHint({ needsSetup, needsName }: Pick<SessionState, 'needsSetup' | 'needsName'>) {
  if (needsSetup) return t('app.signInPage.itStandsInTheRecordOf');
  return needsName ? ' ' : t('app.signInPage.helpersTypeTheirsTheInstructorMay');
}

/** Where to go on: only addresses of our own, whatever the link says. */
const ownPath = (next: string | null) =>
  next?.startsWith('/') && !next.startsWith('//') ? next : '/workshops';
