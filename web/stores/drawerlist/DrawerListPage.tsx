import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useNavigate, useRevalidator } from 'react-router';
import { rememberDrawerColumns, takeDrawersOver } from '#contract/stores';
import { drawerColumnIds } from '#core/stores/drawerlist/columns';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { ColumnChoice } from '../../lists/ColumnChoice.tsx';
import { ListSource } from '../../lists/ListSource.tsx';
import { ProblemList } from '../../lists/ProblemList.tsx';
import { useStores } from '../StoresFrame.tsx';
import { DrawersRead } from './DrawersRead.tsx';
import { asListed, useDrawerList } from './useDrawerList.ts';

/** Drawers, counts and offers out of a list of any form: choose, say which column is which, look, take over. */
export function DrawerListPage() {
  const { t } = useTranslation();
  const { items } = useStores();
  const navigate = useNavigate();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal, saving } = useSave();
  const { file, open, drawers, decide, mapColumn } = useDrawerList(items);
  const taken = drawers.filter(({ isLeftOut }) => !isLeftOut);
  const isWrong = open?.reading.problems.some(({ severity }) => severity === 'error') ?? false;
  const takeOver = () =>
    run(async () => {
      const body = { drawers: taken.map(asListed) };
      if (open) {
        const { table, mapping } = open;
        await call(rememberDrawerColumns, { body: { headings: [...table.headings], mapping } });
      }
      const { made, changed, newSuppliers } = await call(takeDrawersOver, { body });
      await navigate('/stores/drawers');
      await revalidate();
      enqueueSnackbar(t('stores.drawerList.done', { made, changed }));
      if (newSuppliers.length > 0) {
        const names = newSuppliers.join(', ');
        enqueueSnackbar(t('stores.drawerList.newSuppliers', { names }), { variant: 'warning' });
      }
    });
  return (
    <Box sx={{ display: 'grid', gap: 2.5, gridTemplateColumns: 'minmax(0, 1fr)' }}>
      <Typography>{t('stores.drawerList.intro')}</Typography>
      <ListSource file={file} />
      {file.document && <Alert severity="info">{t('stores.drawerList.isAKit')}</Alert>}
      {open && (
        <>
          <ColumnChoice
            open={open}
            meanings={drawerColumnIds}
            choose={mapColumn}
            headingsAt={file.headingsAt}
          />
          <ProblemList problems={open.reading.problems} />
          <DrawersRead drawers={drawers} items={items} decide={decide} />
          <Box sx={{ display: 'grid', gap: 1.5, justifyItems: 'start', pb: 3 }}>
            {isWrong && <Typography>{t('stores.drawerList.rowsWithErrors')}</Typography>}
            <Button
              variant="contained"
              size="large"
              disabled={taken.length === 0}
              loading={saving}
              onClick={() => void takeOver()}
            >
              {t('stores.drawerList.save', { count: taken.length })}
            </Button>
            {refusal && <Alert severity="error">{refusal.message}</Alert>}
          </Box>
        </>
      )}
    </Box>
  );
}
