import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type TFunction, t } from 'i18next';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
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
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/form.css';

export const loadAccounts = () => call(listAccounts, {});

const roleNames: Readonly<Record<Role, string>> = {
  get instructor() {
    return t('site.accountsPage.instructor');
  },
  get helper() {
    return t('site.accountsPage.helper');
  },
};

/** Who may sign in: instructors and helpers, each with a passphrase of their own. */
export function AccountsPage() {
  const { t } = useTranslation();
  const accounts = useLoaderData<readonly Account[]>();
  const me = useStaff()?.name ?? undefined;
  const [asking, setAsking] = useState<string>();
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title={t('site.accountsPage.whoMaySignIn')}
        facts={t('site.accountsPage.helpersLogOnTheFloorOf')}
      />
      <DataTable
        name={t('site.accountsPage.whoMaySignIn')}
        columns={columnsOf(t, me, {
          asking,
          ask: (id) => setAsking(asking === id ? undefined : id),
        })}
        rows={accounts}
        keyOf={({ id }) => id}
        below={(account) =>
          asking === account.id && <Renew account={account} done={() => setAsking(undefined)} />
        }
      />
      <NewAccount />
    </Box>
  );
}

interface Asking {
  /** Of the account that gets a new passphrase. */
  readonly asking: string | undefined;
  readonly ask: (id: string) => void;
}

const columnsOf = (
  t: TFunction,
  me: string | undefined,
  { asking, ask }: Asking,
): readonly Column<Account>[] => [
  {
    id: 'name',
    head: t('site.accountsPage.name'),
    isName: true,
    by: ({ name }) => name,
    cell: ({ name }) => name,
  },
  {
    id: 'role',
    head: t('site.accountsPage.role'),
    by: ({ role }) => roleNames[role],
    cell: ({ name, role }) => (
      <>
        {roleNames[role]}
        {name === me && t('site.accountsPage.you')}
      </>
    ),
  },
  {
    id: 'change',
    head: t('site.accountsPage.change'),
    headIsHidden: true,
    isNumber: true,
    cell: ({ id, name, role }) => (
      <>
        {role === 'helper' && (
          <Button
            color="inherit"
            aria-label={t('site.accountsPage.newPassphraseFor', { name })}
            aria-expanded={asking === id}
            onClick={() => ask(id)}
          >
            {t('site.accountsPage.newPassphrase')}
          </Button>
        )}
        {name !== me && <RemoveAccount id={id} name={name} />}
      </>
    ),
  },
];

function RemoveAccount({ id, name }: Pick<Account, 'id' | 'name'>) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, saving } = useSave();
  const remove = async () => {
    const refused = await run(() => call(removeAccount, { params: { accountId: id } }));
    if (refused) return void enqueueSnackbar(refused.message, { variant: 'error' });
    await revalidate();
    enqueueSnackbar(t('site.accountsPage.isSignedOutAndCannotSign', { name }));
  };
  return (
    <Button
      color="inherit"
      loading={saving}
      onClick={() => void remove()}
      aria-label={t('site.accountsPage.remove', { name })}
    >
      {t('site.accountsPage.remove2')}
    </Button>
  );
}

function Renew({ account, done }: { readonly account: Account; readonly done: () => void }) {
  const { t } = useTranslation();
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
    enqueueSnackbar(t('site.accountsPage.signsInWithTheNewPassphrase', { name: account.name }));
    done();
  });
  return (
    <Box
      component="form"
      noValidate
      onSubmit={(event) => void renew(event)}
      className="form-row"
      sx={{ py: 1 }}
    >
      <TextField
        label={t('site.accountsPage.newPassphraseFor', { name: account.name })}
        autoComplete="off"
        error={!!errors.passphrase}
        helperText={errors.passphrase?.message ?? t('site.accountsPage.whereverTheyAreSignedInNow')}
        {...form.register('passphrase')}
        sx={{ minWidth: 340 }}
      />
      <Button type="submit" variant="outlined" loading={isSubmitting}>
        {t('site.accountsPage.setPassphrase')}
      </Button>
    </Box>
  );
}

function NewAccount() {
  const { t } = useTranslation();
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
    enqueueSnackbar(t('site.accountsPage.canSignInNow', { name: body.name }));
    return undefined;
  });
  return (
    <>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {t('site.accountsPage.somebodyNew')}
      </Typography>
      <Box component="form" noValidate onSubmit={(event) => void add(event)} className="form-row">
        <TextField
          select
          label={t('site.accountsPage.role')}
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
          label={t('site.accountsPage.name')}
          autoComplete="off"
          error={!!errors.name}
          helperText={errors.name?.message ?? ' '}
          {...form.register('name')}
        />
        <TextField
          label={t('site.accountsPage.passphrase')}
          autoComplete="off"
          error={!!errors.passphrase}
          helperText={errors.passphrase?.message ?? t('site.accountsPage.tellItToThemItCannot')}
          {...form.register('passphrase')}
          sx={{ minWidth: 300 }}
        />
        <Button type="submit" variant="contained" loading={isSubmitting}>
          {t('site.accountsPage.add')}
        </Button>
      </Box>
    </>
  );
}
