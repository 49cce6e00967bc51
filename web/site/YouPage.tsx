import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useForm } from 'react-hook-form';
import { useLoaderData, useRevalidator } from 'react-router';
import {
  changeName,
  changeNameBody,
  changePassphrase,
  changePassphraseBody,
  endSession,
  idleHours,
  listSessions,
  type OpenSession,
} from '#contract/session';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useIsInstructor, useStaff } from '../app/staff.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';

export const loadSessions = () => call(listSessions, {});

/** One's own key: the passphrase, and the devices that are signed in. */
export function YouPage() {
  const staff = useStaff();
  const as = staff?.role === 'helper' ? 'a helper' : 'an instructor';
  return (
    <Box sx={{ maxWidth: 860, display: 'grid', gap: 3 }}>
      <PageHead title={staff?.name ?? 'You'} facts={`You are signed in as ${as}.`} />
      <Devices />
      <OwnName key={staff?.name} name={staff?.name ?? ''} />
      <OwnPassphrase />
    </Box>
  );
}

function Devices() {
  const sessions = useLoaderData<readonly OpenSession[]>();
  const isInstructor = useIsInstructor();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const end = async ({ id, device }: OpenSession) => {
    await call(endSession, { params: { sessionId: id } });
    await revalidate();
    enqueueSnackbar(`Signed out: ${device}`);
  };
  return (
    <section aria-labelledby="devices">
      <Typography variant="h2" id="devices" sx={{ mb: 1 }}>
        Signed in now
      </Typography>
      <div className="table-scroll">
        <table className="plain plain-fields" aria-label="Signed in now">
          <thead>
            <tr>
              {isInstructor && <th scope="col">Who</th>}
              <th scope="col">Device</th>
              <th scope="col">Last used</th>
              <th scope="col" aria-label="End" />
            </tr>
          </thead>
          <tbody>
            {sessions.map((session) => (
              <tr key={session.id}>
                {isInstructor && <td>{session.name}</td>}
                <td>
                  {session.device}
                  {session.isThis && ', this one'}
                </td>
                <td>{dateAndTime(session.seenAt)}</td>
                <td className="number">
                  {!session.isThis && (
                    <Button
                      color="inherit"
                      aria-label={`Sign out ${session.name}: ${session.device}`}
                      onClick={() => void end(session)}
                    >
                      Sign out
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <Typography sx={{ mt: 1 }}>
        A device that nobody uses for {idleHours} hours is signed out by itself.
      </Typography>
    </section>
  );
}

function OwnName({ name }: { readonly name: string }) {
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
    enqueueSnackbar(`You sign in as ${body.name} from now on`);
    await revalidate();
  });
  return (
    <section aria-labelledby="own-name">
      <Typography variant="h2" id="own-name" sx={{ mb: 1 }}>
        Change your name
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void change(event)}
        sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}
      >
        <TextField
          label="Your name"
          autoComplete="username"
          error={!!errors.name}
          helperText={errors.name?.message ?? 'You sign in with it, and it stands in the record.'}
          {...form.register('name')}
        />
        <Button
          type="submit"
          variant="outlined"
          disabled={!isDirty}
          loading={isSubmitting}
          sx={{ minHeight: 54 }}
        >
          Change name
        </Button>
      </Box>
    </section>
  );
}

function OwnPassphrase() {
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
    enqueueSnackbar('Passphrase changed. Your other devices are signed out.');
    return undefined;
  });
  return (
    <section aria-labelledby="own-passphrase">
      <Typography variant="h2" id="own-passphrase" sx={{ mb: 1 }}>
        Change your passphrase
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void change(event)}
        sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}
      >
        <TextField
          label="Passphrase now"
          type="password"
          autoComplete="current-password"
          error={!!errors.current}
          helperText={errors.current?.message ?? ' '}
          {...form.register('current')}
        />
        <TextField
          label="New passphrase"
          type="password"
          autoComplete="new-password"
          error={!!errors.passphrase}
          helperText={errors.passphrase?.message ?? 'At least 10 characters.'}
          {...form.register('passphrase')}
        />
        <Button type="submit" variant="outlined" loading={isSubmitting} sx={{ minHeight: 54 }}>
          Change passphrase
        </Button>
      </Box>
    </section>
  );
}
