import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useSnackbar } from 'notistack';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { fields, type TypeOf } from '#contract/schema';
import { changeWorkshop, workshopAbout } from '#contract/workshops';
import { call } from '../../app/call.ts';
import { resolverOf } from '../../app/resolverOf.ts';
import { useSave } from '../../app/useSave.ts';
import { useTypedForm } from '../../app/useTypedForm.ts';
import { FoundAgain } from '../../ui/FoundAgain.tsx';
import { localStart } from '../localStart.ts';
import { formFormat, siteTime, typedTime } from '../siteTime.ts';
import { useWorkshop } from '../WorkshopFrame.tsx';
import '../../ui/form.css';

const formSchema = fields({ ...workshopAbout, startsAt: localStart });
type Form = TypeOf<typeof formSchema>;

/** What a workshop is called, when and where it is, and what staff should know. */
export function EditWorkshop({ close }: { readonly close: () => void }) {
  const { t } = useTranslation();
  const { id, title, startsAt, lengthMinutes, place, notes, aboutVersion } = useWorkshop();
  const { revalidate } = useRevalidator();
  const { enqueueSnackbar } = useSnackbar();
  const { run, refusal } = useSave();
  const start = {
    title,
    startsAt: siteTime(startsAt).format(formFormat),
    lengthMinutes,
    place,
    notes,
  };
  const { form, typed } = useTypedForm<Form>(`workshop ${id}`, start, resolverOf(formSchema));
  const { errors, isSubmitting } = form.formState;
  const save = form.handleSubmit((about) =>
    run(async () => {
      await call(changeWorkshop, {
        params: { workshopId: id },
        body: {
          ...about,
          startsAt: typedTime(about.startsAt).toISOString(),
          version: aboutVersion,
        },
      });
      typed.saved();
      close();
      await revalidate();
      enqueueSnackbar(t('workshops.editWorkshop.saved'));
    }),
  );
  return (
    <Dialog open onClose={close} maxWidth="sm" fullWidth aria-labelledby="edit-workshop">
      <form noValidate className="dialog-form" onSubmit={(event) => void save(event)}>
        <DialogTitle id="edit-workshop">{t('workshops.editWorkshop.edit')}</DialogTitle>
        <DialogContent className="form-column">
          <FoundAgain typed={typed} />
          <TextField
            required
            label={t('workshops.newWorkshopPage.title')}
            error={!!errors.title}
            helperText={
              errors.title?.message ?? t('workshops.newWorkshopPage.learnersSeeItOnTheirSeat')
            }
            {...form.register('title')}
          />
          <TextField
            required
            type="datetime-local"
            label={t('workshops.newWorkshopPage.dateAndStart')}
            slotProps={{ inputLabel: { shrink: true } }}
            error={!!errors.startsAt}
            helperText={errors.startsAt?.message ?? t('workshops.editWorkshop.linksFollow')}
            {...form.register('startsAt')}
          />
          <TextField
            required
            type="number"
            label={t('workshops.newWorkshopPage.lengthInMinutes')}
            error={!!errors.lengthMinutes}
            helperText={errors.lengthMinutes?.message}
            {...form.register('lengthMinutes')}
          />
          <TextField
            label={t('workshops.editWorkshop.place')}
            error={!!errors.place}
            helperText={errors.place?.message ?? t('workshops.editWorkshop.placeHelp')}
            {...form.register('place')}
          />
          <TextField
            multiline
            minRows={3}
            label={t('workshops.editWorkshop.notes')}
            error={!!errors.notes}
            helperText={errors.notes?.message ?? t('workshops.editWorkshop.notesHelp')}
            {...form.register('notes')}
          />
          {refusal && (
            <Alert severity="error">{refusal.about('startsAt') ?? refusal.message}</Alert>
          )}
        </DialogContent>
        <DialogActions>
          <Button color="inherit" onClick={close}>
            {t('workshops.editWorkshop.cancel')}
          </Button>
          <Button type="submit" variant="contained" loading={isSubmitting}>
            {t('workshops.editWorkshop.save')}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
