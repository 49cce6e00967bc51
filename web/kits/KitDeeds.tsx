import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useRevalidator } from 'react-router';
import { archiveKit, bringKitBack, copyKit, removeKit } from '#contract/kitShelf';
import { call } from '../app/call.ts';
import { offerUndo } from '../app/offerUndo.tsx';
import { useSave } from '../app/useSave.ts';
import { useKit } from './KitFrame.tsx';

/** What is done with a whole kit: copied, put away, deleted. */
export function KitDeeds({ evenings }: { readonly evenings: number }) {
  const { t } = useTranslation();
  const { id, name, about } = useKit();
  const navigate = useNavigate();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const [copying, setCopying] = useState(false);
  const { run, saving } = useSave();
  const params = { kitId: id };

  const told = (work: () => Promise<unknown>) => async () => {
    const refused = await run(work);
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
  };
  const archive = told(async () => {
    const archived = about.archivedAt === null;
    await call(archiveKit, { params, body: { archived } });
    await revalidate();
    enqueueSnackbar(t(archived ? 'kits.kitDeeds.isPutAway' : 'kits.kitDeeds.isInUse', { name }));
  });
  const remove = told(async () => {
    await call(removeKit, { params });
    await navigate('/kits');
    offerUndo(t('kits.kitDeeds.isDeleted', { name }), async () => {
      await call(bringKitBack, { params });
      await navigate(`/kits/${id}/parts`);
    });
  });
  return (
    <>
      <Button color="inherit" variant="outlined" onClick={() => setCopying(true)}>
        {t('kits.kitDeeds.copy')}
      </Button>
      <Button color="inherit" variant="outlined" loading={saving} onClick={() => void archive()}>
        {about.archivedAt === null ? t('kits.kitDeeds.archive') : t('kits.kitDeeds.bringBack')}
      </Button>
      {evenings === 0 ? (
        <Button color="inherit" variant="outlined" loading={saving} onClick={() => void remove()}>
          {t('kits.kitDeeds.delete')}
        </Button>
      ) : (
        <p>{t('kits.kitDeeds.usedSoNotDeleted')}</p>
      )}
      {copying && <CopyKit close={() => setCopying(false)} />}
    </>
  );
}

function CopyKit({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const { id, name: original } = useKit();
  const navigate = useNavigate();
  const [name, setName] = useState(t('kits.kitDeeds.copyOf', { name: original }));
  const { run, refusal, saving } = useSave();
  const copy = () =>
    run(async () => {
      const made = await call(copyKit, { params: { kitId: id }, body: { name } });
      close();
      await navigate(`/kits/${made.id}/parts`);
    });
  return (
    <Dialog open onClose={close} fullWidth maxWidth="sm" aria-labelledby="copy-title">
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          void copy();
        }}
      >
        <DialogTitle id="copy-title">{t('kits.kitDeeds.copyKit', { name: original })}</DialogTitle>
        <DialogContent>
          <TextField
            autoFocus
            fullWidth
            label={t('kits.importPage.nameOfTheKit')}
            value={name}
            onChange={({ target }) => setName(target.value)}
            error={refusal !== undefined}
            helperText={refusal?.about('name') ?? refusal?.message ?? t('kits.kitDeeds.copyHint')}
          />
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('kits.lineDialog.cancel')}
          </Button>
          <Button type="submit" variant="contained" loading={saving}>
            {t('kits.kitDeeds.copy')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
