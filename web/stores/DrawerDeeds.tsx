import Button from '@mui/material/Button';
import { closeSnackbar, useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { mergeDrawers, removeDrawers, type StockItem } from '#contract/stores';
import { areOnePart } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
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
  const remove = (removed: boolean) =>
    told(async () => {
      await call(removeDrawers, { body: { itemIds, removed } });
      await revalidate();
    });
  const removeAll = async () => {
    await remove(true)();
    done();
    enqueueSnackbar(t('stores.drawerDeeds.deleted', { count: chosen.length }), {
      autoHideDuration: 20_000,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void remove(false)();
          }}
        >
          {t('stores.drawerDeeds.undo')}
        </Button>
      ),
    });
  };
  const merge = told(async () => {
    if (!into) return;
    await call(mergeDrawers, {
      params: { itemId: into.id },
      body: { itemIds: others.map(({ id }) => id) },
    });
    await revalidate();
    done();
    enqueueSnackbar(t('stores.drawerDeeds.merged', { name: stockName(t, into.part) }));
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
        onClick={() => void removeAll()}
      >
        {t('stores.drawerDeeds.delete')}
      </Button>
    </>
  );
}
