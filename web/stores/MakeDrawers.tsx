import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { createDrawers } from '#contract/stores';
import { asPart, type StockPart, stockKey } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { useTyped } from '../app/useTyped.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import '../ui/form.css';
import { PartThumbnail } from '../ui/PictureCell.tsx';

/** What is typed of one drawer. */
const nothingTyped = { location: '', pieces: '', minimum: '' };
type TypedFields = typeof nothingTyped;

interface TypedDrawer extends TypedFields {
  readonly part: StockPart;
}

interface MakeDrawersProps {
  /** Parts that have no drawer yet. */
  readonly parts: readonly StockPart[];
  readonly close: () => void;
}

const whole = (text: string): number => (text.trim() === '' ? 0 : Number(text));

/** Drawers for several parts at once: where each lies, how many there are, how many there should be. */
export function MakeDrawers({ parts, close }: MakeDrawersProps) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal, saving } = useSave();
  const typed = useTyped<{ byPart: Readonly<Record<string, TypedFields>> }>('drawers to make', {
    byPart: {},
  });
  const { byPart } = typed.value;
  const drawersTyped = parts.map(
    (part): TypedDrawer => ({ part, ...nothingTyped, ...byPart[stockKey(part)] }),
  );
  const write = (part: StockPart, more: Partial<TypedFields>) => {
    const key = stockKey(part);
    typed.set({ byPart: { ...byPart, [key]: { ...nothingTyped, ...byPart[key], ...more } } });
  };
  const field = (
    id: 'location' | 'pieces' | 'minimum',
    head: string,
    isNumber: boolean,
  ): Column<TypedDrawer> => ({
    id,
    head,
    cell: (row) => (
      <input
        className="field-in-row"
        type={isNumber ? 'number' : 'text'}
        min={0}
        value={row[id]}
        aria-label={t('stores.makeDrawers.fieldOf', { head, name: stockName(t, row.part) })}
        onChange={({ target }) => write(row.part, { [id]: target.value })}
      />
    ),
  });
  const columns: readonly Column<TypedDrawer>[] = [
    {
      id: 'picture',
      head: t('stores.drawersPage.looksLike'),
      look: () => 'picture',
      cell: ({ part }) => <PartThumbnail part={asPart(part)} />,
    },
    {
      id: 'what',
      head: t('stores.drawersPage.whatItIs'),
      isName: true,
      cell: ({ part }) => stockName(t, part),
    },
    field('location', t('stores.drawersPage.where'), false),
    field('pieces', t('stores.drawersPage.onHand'), true),
    field('minimum', t('stores.drawersPage.minimum'), true),
  ];
  const make = () =>
    run(async () => {
      const drawers = drawersTyped.map(({ part, location, pieces, minimum }) => ({
        part,
        location: location.trim(),
        pieces: whole(pieces),
        minimum: whole(minimum),
      }));
      const { ids } = await call(createDrawers, { body: { drawers } });
      typed.saved();
      close();
      await revalidate();
      enqueueSnackbar(t('stores.makeDrawers.made', { count: ids.length }));
    });
  return (
    <Dialog open onClose={close} maxWidth="md" fullWidth aria-labelledby="make-drawers">
      <form
        noValidate
        className="dialog-form"
        onSubmit={(event) => {
          event.preventDefault();
          void make();
        }}
      >
        <DialogTitle id="make-drawers">
          {t('stores.makeDrawers.makeDrawersFor', { count: parts.length })}
        </DialogTitle>
        <DialogContent>
          <FoundAgain typed={typed} />
          <Typography sx={{ mb: 1.5 }}>{t('stores.makeDrawers.leaveEmpty')}</Typography>
          <DataTable
            name={t('stores.drawersPage.drawers')}
            columns={columns}
            rows={drawersTyped}
            keyOf={({ part }) => stockKey(part)}
          />
          {refusal && (
            <Alert severity="error" sx={{ mt: 1.5 }}>
              {refusal.message}
            </Alert>
          )}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('stores.suppliersPage.cancel')}
          </Button>
          <Button type="submit" variant="contained" loading={saving}>
            {t('stores.makeDrawers.make')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
