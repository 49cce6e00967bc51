import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { ListSource } from '../../lists/ListSource.tsx';
import { useDrawerList } from './useDrawerList.ts';

// Comes when a list is read.
const DrawersTakenOver = lazy(async () => ({
  default: (await import('./DrawersTakenOver.tsx')).DrawersTakenOver,
}));

/** Drawers, counts and offers out of a list of any form: choose, say which column is which, look, take over. */
export function DrawerListPage() {
  const { t } = useTranslation();
  const file = useDrawerList();
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Typography>{t('stores.drawerList.intro')}</Typography>
      <ListSource file={file} />
      {file.document && <Alert severity="info">{t('stores.drawerList.isAKit')}</Alert>}
      {file.open && (
        <Suspense fallback={<LinearProgress />}>
          <DrawersTakenOver key={file.lists} open={file.open} file={file} />
        </Suspense>
      )}
    </Box>
  );
}
