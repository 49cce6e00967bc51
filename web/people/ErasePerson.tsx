import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { erasePerson, type Person } from '#contract/people';
import { call } from '../app/call.ts';

/** Takes a name out of every record, after a question. */
export function ErasePerson({ person: { id, name } }: { readonly person: Person }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { enqueueSnackbar } = useSnackbar();
  const erase = async () => {
    await call(erasePerson, { params: { learnerId: id } });
    await navigate('/people');
    enqueueSnackbar(t('people.personPage.theNameIsGoneWhatWas'));
  };
  return (
    <>
      <Button color="inherit" onClick={() => setOpen(true)}>
        {t('people.personPage.erase')}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="erase-title">
        <DialogTitle id="erase-title">{t('people.personPage.erase2', { name })}</DialogTitle>
        <DialogContent>{t('people.personPage.theNameGoesFromEverySeat')}</DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={() => setOpen(false)}>
            {t('people.personPage.keep')}
          </Button>
          <Button variant="contained" onClick={() => void erase()}>
            {t('people.personPage.eraseTheName')}
          </Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
