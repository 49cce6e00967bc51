import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import type { TFunction } from 'i18next';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeSupplier, createSupplier, type StoredSupplier } from '#contract/stores';
import { money, readMoney } from '#core/stores/money';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useIsInstructor } from '../app/staff.ts';
import { unlessChanged, useSave } from '../app/useSave.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { EmptyState } from '../ui/EmptyState.tsx';
import { type Amount, useAmount } from './amount.ts';
import { CurrencyChoice } from './CurrencyChoice.tsx';
import { useStores } from './StoresFrame.tsx';
import { SupplierDeeds } from './SupplierDeeds.tsx';
import '../ui/form.css';

/** Who sells, what a delivery costs, and how long it takes. */
export function SuppliersPage() {
  const { t } = useTranslation();
  const { suppliers } = useStores();
  const amount = useAmount();
  const isInstructor = useIsInstructor();
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
        <DataTable
          name={t('stores.suppliersPage.suppliers')}
          columns={columnsOf(t, setChangingId, amount)}
          rows={suppliers}
          keyOf={({ id }) => id}
          {...(isInstructor && {
            bulk: {
              nameOf: ({ name }: StoredSupplier) => name,
              actions: (chosen: readonly StoredSupplier[], done: () => void) => (
                <SupplierDeeds chosen={chosen} done={done} />
              ),
            },
          })}
        />
      )}
      <SupplierForm
        key={changing?.id ?? 'new'}
        {...(changing ? { supplier: changing } : {})}
        done={() => setChangingId(undefined)}
      />
      <CurrencyChoice />
    </Box>
  );
}

const columnsOf = (
  t: TFunction,
  change: (id: string) => void,
  amount: Amount,
): readonly Column<StoredSupplier>[] => [
  {
    id: 'name',
    head: t('stores.suppliersPage.supplier'),
    isName: true,
    by: ({ name }) => name,
    cell: ({ name }) => name,
  },
  {
    id: 'delivery',
    head: t('stores.suppliersPage.delivery'),
    isNumber: true,
    look: () => 'mono',
    by: ({ deliveryCents }) => deliveryCents,
    cell: ({ deliveryCents }) => amount(deliveryCents),
  },
  {
    id: 'days',
    head: t('stores.suppliersPage.days'),
    isNumber: true,
    look: () => 'mono',
    by: ({ days }) => days,
    cell: ({ days }) => days,
  },
  {
    id: 'change',
    head: t('stores.suppliersPage.change'),
    headIsHidden: true,
    cell: ({ id, name }) => (
      <Button
        size="small"
        aria-label={t('stores.suppliersPage.change2', { name })}
        onClick={() => change(id)}
      >
        {t('stores.suppliersPage.change')}
      </Button>
    ),
  },
];

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
    const refused = await run(async () => {
      if (!supplier) return call(createSupplier, { body });
      const params = { supplierId: supplier.id };
      const saved = await call(changeSupplier, {
        params,
        body: { ...body, version: supplier.version },
      });
      const before = {
        name: supplier.name,
        deliveryCents: supplier.deliveryCents,
        days: supplier.days,
        version: saved.version,
      };
      return offerUndo(t('stores.suppliersPage.changed', { name: body.name }), async () => {
        await call(changeSupplier, { params, body: before });
        await revalidate();
      });
    });
    if (!refused || refused.isConflict) await revalidate();
    if (refused) {
      const fields = refused.problem.errors ?? [{ field: 'name', message: refused.message }];
      return setProblems(Object.fromEntries(fields.map(({ field, message }) => [field, message])));
    }
    setName(unlessChanged(name));
    setDelivery(unlessChanged(delivery));
    setDays(unlessChanged(days));
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
