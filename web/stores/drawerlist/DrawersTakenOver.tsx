import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useNavigate, useRevalidator } from 'react-router';
import { type ListedDrawer, rememberDrawerColumns, takeDrawersOver } from '#contract/stores';
import { isClean } from '#core/partslist/problem';
import { drawerColumnIds } from '#core/stores/drawerlist/columns';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { ColumnChoice } from '../../lists/ColumnChoice.tsx';
import { ProblemList } from '../../lists/ProblemList.tsx';
import { useStores } from '../StoresFrame.tsx';
import { DrawersRead } from './DrawersRead.tsx';
import type { DrawerListFile, OpenDrawerList } from './openDrawerList.ts';
import { type DecidedDrawer, useDecidedDrawers } from './useDecidedDrawers.ts';

/** Drawers as a list has them: which column is which, what becomes of each line, and the way into the stores. */
export function DrawersTakenOver({
  open,
  file,
}: {
  readonly open: OpenDrawerList;
  readonly file: DrawerListFile;
}) {
  const { t } = useTranslation();
  const { items } = useStores();
  const navigate = useNavigate();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal, saving } = useSave();
  const { drawers, decide } = useDecidedDrawers(open.reading.drawers, items);
  const taken = drawers.filter(({ isLeftOut }) => !isLeftOut);
  const takeOver = () =>
    run(async () => {
      const { table, mapping } = open;
      await call(rememberDrawerColumns, { body: { headings: [...table.headings], mapping } });
      const body = { drawers: taken.map(asListed) };
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
    <>
      <ColumnChoice
        open={open}
        meanings={drawerColumnIds}
        choose={file.mapColumn}
        headingsAt={file.headingsAt}
      />
      <ProblemList problems={open.reading.problems} />
      <DrawersRead drawers={drawers} items={items} decide={decide} />
      <Box sx={{ display: 'grid', gap: 1.5, justifyItems: 'start', pb: 3 }}>
        {!isClean(open.reading) && <Typography>{t('stores.drawerList.rowsWithErrors')}</Typography>}
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
  );
}

/** As it is sent. */
const asListed = ({ read, there }: DecidedDrawer): ListedDrawer => ({
  there: there ? { itemId: there.id, version: there.version } : null,
  part: read.part,
  location: read.location,
  minimum: read.minimum ?? null,
  pieces: read.pieces ?? null,
  offers: read.offers.map(({ breaks, ...offer }) => ({ ...offer, breaks: [...breaks] })),
});
