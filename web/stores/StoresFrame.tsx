import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
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
  { to: 'drawers', name: 'Drawers' },
  { to: 'needs', name: 'Needs and buying' },
  { to: 'suppliers', name: 'Suppliers' },
];

export function StoresFrame() {
  return (
    <>
      <PageHead title="Stores" facts="What is in the drawers, and what to buy.">
        <Button href={stockCsvPath}>Export as CSV</Button>
      </PageHead>
      <Box sx={{ mb: 2 }}>
        <TabLinks label="Stores" tabs={tabs} />
      </Box>
      <Outlet />
    </>
  );
}
