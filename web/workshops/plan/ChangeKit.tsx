import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { type KitSummary, listKits } from '#contract/kits';
import { changeWorkshopKit, getKitChange, type KitChange } from '#contract/workshopShelf';
import { call } from '../../app/call.ts';
import { useSave } from '../../app/useSave.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import '../../ui/form.css';

/** Plans the workshop again on another kit, or on what its own kit has become, and says what that means first. */
export function ChangeKit({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const { id, kitId: planned, revision } = useWorkshop();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal, saving } = useSave();
  const [kits, setKits] = useState<readonly KitSummary[]>([]);
  const [kitId, setKitId] = useState(planned);
  const [means, setMeans] = useState<KitChange>();
  useEffect(() => {
    void call(listKits, {}).then(setKits);
  }, []);
  useEffect(() => {
    let stale = false;
    setMeans(undefined);
    void call(getKitChange, { params: { workshopId: id, kitId } }).then(
      (answer) => stale || setMeans(answer),
    );
    return () => {
      stale = true;
    };
  }, [id, kitId]);
  const isSame = kitId === planned && means?.revision === revision;
  const change = () =>
    run(async () => {
      await call(changeWorkshopKit, {
        params: { workshopId: id },
        body: { kitId, begun: means?.begun ?? 0 },
      });
      await revalidate();
      close();
      enqueueSnackbar(t('workshops.changeKit.changed'));
    });
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="change-kit">
      <DialogTitle id="change-kit">{t('workshops.deeds.changeKit')}</DialogTitle>
      <DialogContent className="form-column">
        <Typography>{t('workshops.changeKit.help')}</Typography>
        <TextField
          select
          label={t('workshops.newWorkshopPage.kit')}
          value={kits.some((kit) => kit.id === kitId) ? kitId : ''}
          onChange={({ target }) => setKitId(target.value)}
        >
          {kits.map((kit) => (
            <MenuItem key={kit.id} value={kit.id}>
              {t('workshops.newWorkshopPage.revision', { name: kit.name, revision: kit.revision })}
            </MenuItem>
          ))}
        </TextField>
        {means && (
          <Alert severity={means.lost > 0 ? 'warning' : 'info'}>
            {isSame ? t('workshops.changeKit.same', { revision }) : whatItMeans(t, means)}
          </Alert>
        )}
        {refusal && <Alert severity="error">{refusal.message}</Alert>}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={close}>
          {t('workshops.editWorkshop.cancel')}
        </Button>
        <Button
          variant="contained"
          disabled={!means || isSame}
          loading={saving}
          onClick={() => void change()}
        >
          {t('workshops.deeds.changeKit')}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

type Words = ReturnType<typeof useTranslation>['t'];

const whatItMeans = (t: Words, { steps, begun, lost }: KitChange): string =>
  [
    t('workshops.changeKit.steps', { count: steps }),
    begun === 0
      ? t('workshops.changeKit.nobodyHasBegun')
      : t('workshops.changeKit.begun', { count: begun }),
    lost > 0 ? t('workshops.changeKit.lost', { count: lost }) : '',
  ]
    .filter(Boolean)
    .join(' ');
