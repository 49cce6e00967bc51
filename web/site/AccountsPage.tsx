import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { t } from 'i18next';
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
import { PageHead } from '../ui/PageHead.tsx';
import '../ui/plainTable.css';
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
  const me = useStaff()?.name;
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PageHead
        title={t('site.accountsPage.whoMaySignIn')}
        facts={t('site.accountsPage.helpersLogOnTheFloorOf')}
      />
      <table className="plain plain-fields" aria-label={t('site.accountsPage.whoMaySignIn')}>
        <thead>
          <tr>
            <th scope="col">{t('site.accountsPage.name')}</th>
            <th scope="col">{t('site.accountsPage.role')}</th>
            <th scope="col" aria-label={t('site.accountsPage.change')} />
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
  const { t } = useTranslation();
  const { id, name, role } = account;
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const [asking, setAsking] = useState(false);
  const { run, saving } = useSave();
  const remove = async () => {
    const refused = await run(() => call(removeAccount, { params: { accountId: id } }));
    if (refused) return void enqueueSnackbar(refused.message, { variant: 'error' });
    await revalidate();
    enqueueSnackbar(t('site.accountsPage.isSignedOutAndCannotSign', { name }));
  };
  return (
    <>
      <tr>
        <th scope="row">{name}</th>
        <td>
          {roleNames[role]}
          {isMe && t('site.accountsPage.you')}
        </td>
        <td className="number" style={{ whiteSpace: 'normal' }}>
          {role === 'helper' && (
            <Button
              color="inherit"
              aria-label={t('site.accountsPage.newPassphraseFor', { name })}
              aria-expanded={asking}
              onClick={() => setAsking(!asking)}
            >
              {t('site.accountsPage.newPassphrase')}
            </Button>
          )}
          {!isMe && (
            <Button
              color="inherit"
              loading={saving}
              onClick={() => void remove()}
              aria-label={t('site.accountsPage.remove', { name })}
            >
              {t('site.accountsPage.remove2')}
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
