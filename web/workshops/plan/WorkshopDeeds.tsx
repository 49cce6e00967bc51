import Button from '@mui/material/Button';
import Menu from '@mui/material/Menu';
import MenuItem from '@mui/material/MenuItem';
import { useSnackbar } from 'notistack';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useRevalidator } from 'react-router';
import { bringWorkshopBack, removeWorkshop, setWorkshopAside } from '#contract/workshopShelf';
import type { SetAside } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { offerUndo } from '../../app/offerUndo.tsx';
import { useSave } from '../../app/useSave.ts';
import { copyOf } from '../copyOf.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';

// Few workshops are changed.
const EditWorkshop = lazy(async () => ({
  default: (await import('./EditWorkshop.tsx')).EditWorkshop,
}));
const ChangeKit = lazy(async () => ({ default: (await import('./ChangeKit.tsx')).ChangeKit }));

/** What is done with a whole workshop: changed, copied, called off, put away, deleted. */
export function WorkshopDeeds() {
  const { t } = useTranslation();
  const workshop = useWorkshop();
  const { id, title, setAside } = workshop;
  const navigate = useNavigate();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, saving } = useSave();
  const [opened, setOpened] = useState<HTMLElement>();
  const [dialog, setDialog] = useState<'edit' | 'kit'>();
  const params = { workshopId: id };
  const close = () => setOpened(undefined);
  const told = (work: () => Promise<unknown>) => async () => {
    close();
    const refused = await run(work);
    if (refused) enqueueSnackbar(refused.message, { variant: 'error' });
  };

  const put = (next: SetAside | null) =>
    told(async () => {
      await call(setWorkshopAside, { params, body: { setAside: next } });
      await revalidate();
      offerUndo(t(`workshops.deeds.said.${next ?? 'planned'}`, { title }), async () => {
        await call(setWorkshopAside, { params, body: { setAside } });
        await revalidate();
      });
    });
  const remove = told(async () => {
    await call(removeWorkshop, { params });
    await navigate('/workshops');
    offerUndo(t('workshops.deeds.said.deleted', { title }), async () => {
      await call(bringWorkshopBack, { params });
      await navigate(`/workshops/${id}/plan`);
    });
  });
  return (
    <>
      <Button variant="outlined" color="inherit" onClick={() => setDialog('edit')}>
        {t('workshops.editWorkshop.edit')}
      </Button>
      <Button
        variant="outlined"
        color="inherit"
        component={Link}
        to="/workshops/new"
        state={{ copied: copyOf(workshop, new Date()) }}
      >
        {t('workshops.copyWorkshop.copy')}
      </Button>
      <Button
        variant="outlined"
        color="inherit"
        loading={saving}
        aria-haspopup="menu"
        aria-expanded={opened !== undefined}
        onClick={({ currentTarget }) => setOpened(currentTarget)}
      >
        {t('workshops.deeds.more')}
      </Button>
      <Menu open={opened !== undefined} anchorEl={opened ?? null} onClose={close}>
        <MenuItem
          onClick={() => {
            close();
            setDialog('kit');
          }}
        >
          {t('workshops.deeds.changeKit')}
        </MenuItem>
        {setAside !== 'cancelled' && (
          <MenuItem onClick={() => void put('cancelled')()}>{t('workshops.deeds.cancel')}</MenuItem>
        )}
        {setAside !== 'archived' && (
          <MenuItem onClick={() => void put('archived')()}>{t('workshops.deeds.archive')}</MenuItem>
        )}
        {setAside !== null && (
          <MenuItem onClick={() => void put(null)()}>{t('workshops.deeds.planAgain')}</MenuItem>
        )}
        <MenuItem onClick={() => void remove()}>{t('workshops.deeds.delete')}</MenuItem>
      </Menu>
      <Suspense>
        {dialog === 'edit' && <EditWorkshop close={() => setDialog(undefined)} />}
        {dialog === 'kit' && <ChangeKit close={() => setDialog(undefined)} />}
      </Suspense>
    </>
  );
}
