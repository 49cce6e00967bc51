import Box from '@mui/material/Box';
import { t } from 'i18next';
import { useTranslation } from 'react-i18next';
import { Outlet, useRouteLoaderData } from 'react-router';
import { getStores, type Stores, stockFilePath } from '#contract/stores';
import { call } from '../app/call.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { TabLinks } from '../ui/TabLinks.tsx';
import { TableFiles } from '../ui/TableFiles.tsx';

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
        <TableFiles
          pathOf={(format) => stockFilePath(format, i18n.language)}
          label={(format) => t('stores.storesFrame.exportAs', { format })}
        />
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks label={t('stores.storesFrame.stores')} tabs={tabs} />
      </Box>
      <Outlet />
    </>
  );
}
