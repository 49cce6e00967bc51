import { yupResolver } from '@hookform/resolvers/yup';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useForm } from 'react-hook-form';
import { useLoaderData, useNavigate, useSearchParams } from 'react-router';
import { type SessionState, setUp, setupBody, signIn, signInBody } from '#contract/session';
import { CallProblem, call } from './call.ts';
import { Wordmark } from './Wordmark.tsx';

/** The door: the passphrase, or on first use the choice of one. */
export function SignInPage() {
  const { needsSetup } = useLoaderData<SessionState>();
  const navigate = useNavigate();
  const [search] = useSearchParams();
  const form = useForm({
    resolver: yupResolver(needsSetup ? signInBody.concat(setupBody) : signInBody),
    defaultValues: { name: '', passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;

  const enter = form.handleSubmit(async (body) => {
    try {
      await call(needsSetup ? setUp : signIn, { body });
      await navigate(ownPath(search.get('next')));
    } catch (error) {
      if (!(error instanceof CallProblem)) throw error;
      form.setError('passphrase', { message: error.about('passphrase') ?? error.message });
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
        <Typography variant="h1">{needsSetup ? 'Choose a passphrase' : 'Sign in'}</Typography>
        <Typography sx={{ color: 'text.secondary' }}>
          {needsSetup
            ? 'It opens your kits, workshops and records. Learners never need it. It cannot be read back, so write it down at home.'
            : 'For instructors and helpers. Learners open their seat with the code on their bag.'}
        </Typography>
        {!needsSetup && (
          <TextField
            label="Name, for helpers only"
            autoComplete="username"
            error={errors.name !== undefined}
            helperText={errors.name?.message ?? 'The instructor leaves it empty.'}
            {...form.register('name')}
          />
        )}
        <TextField
          label="Passphrase"
          type="password"
          autoComplete={needsSetup ? 'new-password' : 'current-password'}
          autoFocus
          error={errors.passphrase !== undefined}
          helperText={errors.passphrase?.message ?? (needsSetup ? 'At least 10 characters.' : ' ')}
          {...form.register('passphrase')}
        />
        <Button type="submit" variant="contained" size="large" loading={isSubmitting}>
          {needsSetup ? 'Take this passphrase' : 'Sign in'}
        </Button>
      </Box>
    </Box>
  );
}

/** Where to go on: only addresses of our own, whatever the link says. */
const ownPath = (next: string | null) =>
  next?.startsWith('/') && !next.startsWith('//') ? next : '/workshops';
