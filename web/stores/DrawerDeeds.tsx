import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { mergeDrawers, partDrawers } from '#contract/merging';
import { removeDrawers, type StockItem } from '#contract/stores';
import { areOnePart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useSave } from '../app/useSave.ts';

interface DrawerDeedsProps {
  readonly chosen: readonly StockItem[];
  readonly done: () => void;
}

/** What can be done with drawers that are chosen: deleted with undo, or made one. */
export function DrawerDeeds({ chosen, done }: DrawerDeedsProps) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, saving } = useSave();
  const [into, ...others] = chosen;
  const itemIds = chosen.map(({ id }) => id);
  const isSame = areOnePart(chosen.map(({ part }) => part));

  const told = (work: () => Promise<unknown>) => async () => {
    const refused = await run(work);
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
  };
  const remove = told(async () => {
    await call(removeDrawers, { body: { itemIds, removed: true } });
    await revalidate();
    done();
    offerUndo(t('stores.drawerDeeds.deleted', { count: chosen.length }), async () => {
      await call(removeDrawers, { body: { itemIds, removed: false } });
      await revalidate();
    });
  });
  const merge = told(async () => {
    if (!into) return;
    const params = { itemId: into.id };
    const body = { itemIds: others.map(({ id }) => id) };
    const { taken } = await call(mergeDrawers, { params, body });
    await revalidate();
    done();
    offerUndo(t('stores.drawerDeeds.merged', { name: stockName(t, into.part) }), async () => {
      await call(partDrawers, { params, body: { taken: [...taken] } });
      await revalidate();
    });
  });
  return (
    <>
      {others.length > 0 && (
        <Button
          size="small"
          color="inherit"
          variant="outlined"
          disabled={!isSame}
          loading={saving}
          onClick={() => void merge()}
        >
          {isSame ? t('stores.drawerDeeds.merge') : t('stores.drawerDeeds.notTheSame')}
        </Button>
      )}
      <Button
        size="small"
        color="inherit"
        variant="outlined"
        loading={saving}
        onClick={() => void remove()}
      >
        {t('stores.drawerDeeds.delete')}
      </Button>
    </>
  );
}
