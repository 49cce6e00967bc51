import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeSupplier, createSupplier, type StoredSupplier } from '#contract/stores';
import { money, readMoney } from '#core/stores/money';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { EmptyState } from '../ui/EmptyState.tsx';
import { amount } from './amount.ts';
import { useStores } from './StoresFrame.tsx';
import '../ui/plainTable.css';
import '../ui/form.css';

/** Who sells, what a delivery costs, and how long it takes. */
export function SuppliersPage() {
  const { t } = useTranslation();
  const { suppliers } = useStores();
  const [changingId, setChangingId] = useState<string>();
  const changing = suppliers.find(({ id }) => id === changingId);
  return (
    <Box sx={{ maxWidth: 900, display: 'grid', gap: 2.5 }}>
      {suppliers.length === 0 ? (
        <EmptyState
          title={t('stores.suppliersPage.noSupplierYet')}
          text={t('stores.suppliersPage.nameWhoYouBuyFromWhat')}
        />
      ) : (
        <table className="plain plain-fields" aria-label={t('stores.suppliersPage.suppliers')}>
          <thead>
            <tr>
              <th scope="col">{t('stores.suppliersPage.supplier')}</th>
              <th scope="col" className="number">
                {t('stores.suppliersPage.delivery')}
              </th>
              <th scope="col" className="number">
                {t('stores.suppliersPage.days')}
              </th>
              <th scope="col">
                <span className="visually-hidden">{t('stores.suppliersPage.change')}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {suppliers.map((supplier) => (
              <tr key={supplier.id}>
                <th scope="row">{supplier.name}</th>
                <td className="mono number">{amount(supplier.deliveryCents)}</td>
                <td className="mono number">{supplier.days}</td>
                <td>
                  <Button
                    size="small"
                    aria-label={t('stores.suppliersPage.change2', { name: supplier.name })}
                    onClick={() => setChangingId(supplier.id)}
                  >
                    {t('stores.suppliersPage.change')}
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <SupplierForm
        key={changing?.id ?? 'new'}
        {...(changing ? { supplier: changing } : {})}
        done={() => setChangingId(undefined)}
      />
    </Box>
  );
}

interface SupplierFormProps {
  /** The supplier to change; left out for a new one. */
  readonly supplier?: StoredSupplier;
  readonly done: () => void;
}

function SupplierForm({ supplier, done }: SupplierFormProps) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const [name, setName] = useState(supplier?.name ?? '');
  const [delivery, setDelivery] = useState(supplier ? money(supplier.deliveryCents) : '');
  const [days, setDays] = useState(supplier ? String(supplier.days) : '');
  const { run } = useSave();
  const [problems, setProblems] = useState<Readonly<Record<string, string>>>({});

  const submit = async () => {
    const deliveryCents = readMoney(delivery === '' ? '0' : delivery);
    if (deliveryCents === undefined) {
      return setProblems({ deliveryCents: t('stores.suppliersPage.writeAnAmountSuchAs4') });
    }
    const body = {
      name: name.trim(),
      deliveryCents,
      days: days === '' ? Number.NaN : Number(days),
    };
    const refused = await run(() =>
      supplier
        ? call(changeSupplier, {
            params: { supplierId: supplier.id },
            body: { ...body, version: supplier.version },
          })
        : call(createSupplier, { body }),
    );
    if (!refused || refused.isConflict) await revalidate();
    if (refused) {
      const fields = refused.problem.errors ?? [{ field: 'name', message: refused.message }];
      return setProblems(Object.fromEntries(fields.map(({ field, message }) => [field, message])));
    }
    setName('');
    setDelivery('');
    setDays('');
    setProblems({});
    return done();
  };

  const field = (key: string, label: string, value: string, set: (text: string) => void) => (
    <TextField
      size="small"
      label={label}
      value={value}
      onChange={({ target }) => set(target.value)}
      error={problems[key] !== undefined}
      helperText={problems[key]}
    />
  );
  return (
    <Box
      component="form"
      noValidate
      aria-label={
        supplier
          ? t('stores.suppliersPage.change2', { name: supplier.name })
          : t('stores.suppliersPage.addASupplier')
      }
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
      className="form-row"
    >
      {field('name', t('stores.suppliersPage.name'), name, setName)}
      {field('deliveryCents', t('stores.suppliersPage.deliveryCost'), delivery, setDelivery)}
      {field('days', t('stores.suppliersPage.daysUntilItArrives'), days, setDays)}
      <Button type="submit" variant="contained">
        {supplier ? t('stores.suppliersPage.save') : t('stores.suppliersPage.addTheSupplier')}
      </Button>
      {supplier && <Button onClick={done}>{t('stores.suppliersPage.cancel')}</Button>}
    </Box>
  );
}
