import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeStockItem, createStockItem, type StockItem } from '#contract/stores';
import { readWords } from '#core/partslist/readWords';
import { stockPartOf } from '#core/stores/stockPart';
import { stockName } from '#core/words/stockWords';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useSave } from '../app/useSave.ts';
import { useTyped } from '../app/useTyped.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { PartPicture, pictureScale } from '../ui/PartPicture.tsx';
import { newerWords } from './newerWords.ts';

interface ItemDialogProps {
  /** The drawer to change; left out for a new one. */
  readonly item?: StockItem;
  readonly close: () => void;
}

/** A drawer: what lies in it, written as on a parts list, where it is, and how much of it there should be. */
export function ItemDialog({ item, close }: ItemDialogProps) {
  const { t } = useTranslation();
  const { revalidate } = useRevalidator();
  const typed = useTyped(`drawer ${item?.id ?? ''}`, {
    text: item ? stockName(t, item.part) : '',
    location: item?.location ?? '',
    minimum: String(item?.minimum ?? 0),
  });
  const { text, location, minimum } = typed.value;
  const { run, refusal } = useSave();
  // What it was when it was opened: somebody else may change it meanwhile.
  const [opened] = useState(item);
  const [missing, setMissing] = useState(false);
  const read = readWords(text);
  // What nobody touched stays as exact as it was.
  const untouched = item && text === stockName(t, item.part);
  const part = untouched ? item.part : read && stockPartOf(read.part);

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!part) return setMissing(true);
    const body = { part, location: location.trim(), minimum: Number(minimum) };
    const refused = await run(async () => {
      if (!item) return call(createStockItem, { body });
      const params = { itemId: item.id };
      const saved = await call(changeStockItem, {
        params,
        body: { ...body, version: item.version },
      });
      const { part: was, location: lay, minimum: least } = item;
      const before = { part: was, location: lay, minimum: least, version: saved.version };
      return offerUndo(t('stores.itemDialog.changed', { name: stockName(t, part) }), async () => {
        await call(changeStockItem, { params, body: before });
        await revalidate();
      });
    });
    if (!refused || refused.isConflict) await revalidate();
    if (refused) return undefined;
    typed.saved();
    return close();
  };

  const preview = part && {
    designators: [],
    quantity: 1,
    description: '',
    supply: 'in-kit' as const,
    ...part,
  };
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="item-title">
      <form noValidate onSubmit={(event) => void submit(event)}>
        <DialogTitle id="item-title">
          {item ? t('stores.itemDialog.changeTheDrawer') : t('stores.itemDialog.addADrawer')}
        </DialogTitle>
        <DialogContent sx={{ display: 'grid', gap: 2, gridTemplateColumns: { sm: '1fr 170px' } }}>
          <Box sx={{ display: 'grid', gap: 2, pt: 1, alignContent: 'start' }}>
            <FoundAgain typed={typed} />
            <TextField
              autoFocus
              label={t('stores.itemDialog.whatItIs')}
              value={text}
              onChange={({ target }) => typed.set({ text: target.value })}
              error={missing && !part}
              helperText={
                missing && !part
                  ? t('stores.itemDialog.writeWhatItIsForExample')
                  : t('stores.itemDialog.asYouWouldWriteItOn')
              }
            />
            <TextField
              label={t('stores.itemDialog.whereItLies')}
              value={location}
              onChange={({ target }) => typed.set({ location: target.value })}
              error={refusal?.about('location') !== undefined}
              helperText={refusal?.about('location') ?? t('stores.itemDialog.drawerB3Say')}
            />
            <TextField
              label={t('stores.itemDialog.leastNumberToHave')}
              type="number"
              value={minimum}
              onChange={({ target }) => typed.set({ minimum: target.value })}
              error={refusal?.about('minimum') !== undefined}
              helperText={refusal?.about('minimum')}
            />
            {refusal && !refusal.about('location') && !refusal.about('minimum') && (
              <Alert severity="error">
                {refusal.message}
                {refusal.isConflict && item && opened && ` ${newerWords(t, opened, item)}`}
              </Alert>
            )}
          </Box>
          <Box aria-live="polite">
            {preview && (
              <>
                <PartPicture
                  part={preview}
                  pixelsPerMm={pictureScale(preview, { width: 140, height: 130 })}
                />
                <Typography sx={{ mt: 1, fontWeight: 650 }}>{stockName(t, preview)}</Typography>
                {!untouched && read?.confidence === 'unsure' && (
                  <Typography>{t('stores.itemDialog.readButNotSureWriteOne')}</Typography>
                )}
              </>
            )}
          </Box>
        </DialogContent>
        <DialogActions>
          <Button onClick={close}>{t('stores.itemDialog.cancel')}</Button>
          <Button type="submit" variant="contained">
            {t('stores.itemDialog.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
