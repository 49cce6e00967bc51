import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Outlet, useRouteLoaderData } from 'react-router';
import { getStores, type Stores, stockCsvPath } from '#contract/stores';
import { call } from '../app/call.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { TabLinks } from '../ui/TabLinks.tsx';

export const loadStores = () => call(getStores, {});

/** Drawers, suppliers and offers, as all pages of the stores need them. */
export function useStores(): Stores {
  const stores = useRouteLoaderData<Stores>('stores');
  if (!stores) throw new Error('this page belongs below the stores');
  return stores;
}

const tabs = [
  {
    to: 'drawers',
    get name() {
      return t('stores.storesFrame.drawers');
    },
  },
  {
    to: 'needs',
    get name() {
      return t('stores.storesFrame.needsAndBuying');
    },
  },
  {
    to: 'suppliers',
    get name() {
      return t('stores.storesFrame.suppliers');
    },
  },
];

export function StoresFrame() {
  const { t, i18n } = useTranslation();
  return (
    <>
      <PageHead
        title={t('stores.storesFrame.stores')}
        facts={t('stores.storesFrame.whatIsInTheDrawersAnd')}
      >
        <Button href={stockCsvPath(i18n.language)}>{t('stores.storesFrame.exportAsCsv')}</Button>
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks label={t('stores.storesFrame.stores')} tabs={tabs} />
      </Box>
      <Outlet />
    </>
  );
}
