import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { mergeSuppliers, partSuppliers } from '#contract/merging';
import { removeSupplier, type StoredSupplier } from '#contract/stores';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useSave } from '../app/useSave.ts';

interface SupplierDeedsProps {
  readonly chosen: readonly StoredSupplier[];
  readonly done: () => void;
}

/** What can be done with suppliers that are chosen: made one, or deleted; both with undo. */
export function SupplierDeeds({ chosen, done }: SupplierDeedsProps) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, saving } = useSave();
  const [into, ...others] = chosen;

  const told = (work: () => Promise<unknown>) => async () => {
    const refused = await run(work);
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
    await revalidate();
  };
  const setRemoved = async (suppliers: readonly StoredSupplier[], removed: boolean) => {
    for (const { id } of suppliers) {
      await call(removeSupplier, { params: { supplierId: id }, body: { removed } });
    }
    await revalidate();
  };
  const remove = told(async () => {
    const gone: StoredSupplier[] = [];
    try {
      for (const supplier of chosen) {
        await setRemoved([supplier], true);
        gone.push(supplier);
      }
      done();
    } finally {
      if (gone.length > 0) {
        const name = gone.map((supplier) => supplier.name).join(', ');
        offerUndo(t('stores.suppliersPage.deleted', { name }), () => setRemoved(gone, false));
      }
    }
  });
  const merge = told(async () => {
    if (!into) return;
    const params = { supplierId: into.id };
    const body = { supplierIds: others.map(({ id }) => id) };
    const { taken } = await call(mergeSuppliers, { params, body });
    done();
    offerUndo(t('stores.supplierDeeds.merged', { name: into.name }), async () => {
      await call(partSuppliers, { params, body: { taken: [...taken] } });
      await revalidate();
    });
  });
  return (
    <>
      {into && others.length > 0 && (
        <Button
          size="small"
          color="inherit"
          variant="outlined"
          loading={saving}
          onClick={() => void merge()}
        >
          {t('stores.supplierDeeds.mergeInto', { name: into.name })}
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
