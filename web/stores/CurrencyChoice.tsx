import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { setCurrency } from '#contract/stores';
import { currencies } from '#core/stores/money';
import { call } from '../app/call.ts';
import { localeNow } from '../app/languages.ts';
import { useIsInstructor } from '../app/staff.ts';
import { useSave } from '../app/useSave.ts';
import { useAmount } from './amount.ts';
import { useStores } from './StoresFrame.tsx';

/** A select has no value for nothing. */
const none = '-';

/** What every amount of the site is in: set once. */
export function CurrencyChoice() {
  const { t } = useTranslation();
  const { currency } = useStores();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const mayChange = useIsInstructor();
  const amount = useAmount();
  const names = new Intl.DisplayNames(localeNow(), { type: 'currency' });
  const set = (chosen: string) =>
    run(async () => {
      await call(setCurrency, { body: { currency: chosen === none ? null : chosen } });
      await revalidate();
    });
  return (
    <TextField
      select
      size="small"
      label={t('stores.currency.currency')}
      value={currency ?? none}
      disabled={!mayChange || saving}
      onChange={({ target }) => void set(target.value)}
      error={refusal !== undefined}
      helperText={refusal?.message ?? t('stores.currency.looks', { amount: amount(1250) })}
      sx={{ maxWidth: 420 }}
    >
      <MenuItem value={none}>{t('stores.currency.none')}</MenuItem>
      {currencies().map((code) => (
        <MenuItem key={code} value={code}>
          {code} – {names.of(code)}
        </MenuItem>
      ))}
    </TextField>
  );
}
