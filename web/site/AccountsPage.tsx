import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useLoaderData, useRevalidator } from 'react-router';
import {
  type Account,
  createAccount,
  listAccounts,
  newAccountBody,
  removeAccount,
  renewPassphrase,
  renewPassphraseBody,
} from '#contract/accounts';
import type { Role } from '#contract/roles';
import { call } from '../app/call.ts';
import { resolverOf } from '../app/resolverOf.ts';
import { useStaff } from '../app/staff.ts';
import { useSave } from '../app/useSave.ts';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';

export const loadAccounts = () => call(listAccounts, {});

const roleNames: Readonly<Record<Role, string>> = { instructor: 'Instructor', helper: 'Helper' };

/** Who may sign in: instructors and helpers, each with a passphrase of their own. */
export function AccountsPage() {
  const accounts = useLoaderData<readonly Account[]>();
  const me = useStaff()?.name;
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title="Who may sign in"
        facts="Helpers log on the floor of the evenings of their day, under their own name, and look kits up. They change nothing else and see no records of people. Instructors may do everything."
      />
      <table className="plain plain-fields" aria-label="Who may sign in">
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Role</th>
            <th scope="col" aria-label="Change" />
          </tr>
        </thead>
        <tbody>
          {accounts.map((account) => (
            <AccountRow key={account.id} account={account} isMe={account.name === me} />
          ))}
        </tbody>
      </table>
      <NewAccount />
    </Box>
  );
}

function AccountRow({ account, isMe }: { readonly account: Account; readonly isMe: boolean }) {
  const { id, name, role } = account;
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const [asking, setAsking] = useState(false);
  const { run, saving } = useSave();
  const remove = async () => {
    const refused = await run(() => call(removeAccount, { params: { accountId: id } }));
    if (refused) return void enqueueSnackbar(refused.message, { variant: 'error' });
    await revalidate();
    enqueueSnackbar(`${name} is signed out and cannot sign in any more`);
  };
  return (
    <>
      <tr>
        <th scope="row">{name}</th>
        <td>
          {roleNames[role]}
          {isMe && ', you'}
        </td>
        <td className="number" style={{ whiteSpace: 'normal' }}>
          {role === 'helper' && (
            <Button
              color="inherit"
              aria-label={`New passphrase for ${name}`}
              aria-expanded={asking}
              onClick={() => setAsking(!asking)}
            >
              New passphrase
            </Button>
          )}
          {!isMe && (
            <Button
              color="inherit"
              loading={saving}
              onClick={() => void remove()}
              aria-label={`Remove ${name}`}
            >
              Remove
            </Button>
          )}
        </td>
      </tr>
      {asking && (
        <tr>
          <td colSpan={3}>
            <Renew account={account} done={() => setAsking(false)} />
          </td>
        </tr>
      )}
    </>
  );
}

function Renew({ account, done }: { readonly account: Account; readonly done: () => void }) {
  const { enqueueSnackbar } = useSnackbar();
  const { run } = useSave();
  const form = useForm({
    resolver: resolverOf(renewPassphraseBody),
    defaultValues: { passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const renew = form.handleSubmit(async (body) => {
    const refused = await run(() =>
      call(renewPassphrase, { params: { accountId: account.id }, body }),
    );
    if (refused) {
      form.setError('passphrase', { message: refused.about('passphrase') ?? refused.message });
      return;
    }
    enqueueSnackbar(`${account.name} signs in with the new passphrase from now on`);
    done();
  });
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void renew(event)}
      sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start', py: 1 }}
    >
      <TextField
        label={`New passphrase for ${account.name}`}
        autoComplete="off"
        error={!!errors.passphrase}
        helperText={errors.passphrase?.message ?? 'Wherever they are signed in now, it ends.'}
        {...form.register('passphrase')}
        sx={{ minWidth: 340 }}
      />
      <Button type="submit" variant="outlined" loading={isSubmitting} sx={{ minHeight: 54 }}>
        Set passphrase
      </Button>
    </Box>
  );
}

function NewAccount() {
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run } = useSave();
  const form = useForm({
    resolver: resolverOf(newAccountBody),
    defaultValues: { role: 'helper' as Role, name: '', passphrase: '' },
  });
  const { errors, isSubmitting } = form.formState;
  const add = form.handleSubmit(async (body) => {
    const refused = await run(() => call(createAccount, { body }));
    if (refused) {
      const field = refused.about('passphrase') ? 'passphrase' : 'name';
      return form.setError(field, { message: refused.about(field) ?? refused.message });
    }
    form.reset();
    await revalidate();
    enqueueSnackbar(`${body.name} can sign in now`);
    return undefined;
  });
  return (
    <>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Somebody new
      </Typography>
      <Box
        component="form"
        noValidate
        onSubmit={(event) => void add(event)}
        sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'flex-start' }}
      >
        <TextField
          select
          label="Role"
          defaultValue="helper"
          slotProps={{ htmlInput: form.register('role') }}
          sx={{ minWidth: 150 }}
        >
          {(['helper', 'instructor'] as const).map((role) => (
            <MenuItem key={role} value={role}>
              {roleNames[role]}
            </MenuItem>
          ))}
        </TextField>
        <TextField
          label="Name"
          autoComplete="off"
          error={!!errors.name}
          helperText={errors.name?.message ?? ' '}
          {...form.register('name')}
        />
        <TextField
          label="Passphrase"
          autoComplete="off"
          error={!!errors.passphrase}
          helperText={errors.passphrase?.message ?? 'Tell it to them; it cannot be shown again.'}
          {...form.register('passphrase')}
          sx={{ minWidth: 300 }}
        />
        <Button type="submit" variant="contained" loading={isSubmitting} sx={{ minHeight: 54 }}>
          Add
        </Button>
      </Box>
    </>
  );
}
