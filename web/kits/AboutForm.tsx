import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useTranslation } from 'react-i18next';
import { useRevalidator } from 'react-router';
import { changeKitAbout } from '#contract/kitShelf';
import { readTags } from '#core/kitfile/shelf';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { useTyped } from '../app/useTyped.ts';
import { FoundAgain } from '../ui/FoundAgain.tsx';
import { useKit } from './KitFrame.tsx';

/** What a kit is called, and what is said of it. */
export function AboutForm() {
  const { t } = useTranslation();
  const { id, name: nameNow, about } = useKit();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const typed = useTyped(`about ${id}`, {
    name: nameNow,
    description: about.description,
    tags: about.tags.join(', '),
  });
  const { name, description, tags } = typed.value;
  const save = () =>
    run(async () => {
      await call(changeKitAbout, {
        params: { kitId: id },
        body: { version: about.version, name, description, tags: readTags(tags) },
      });
      typed.saved();
      await revalidate();
    });
  return (
    <Box
      component="form"
      noValidate
      aria-label={t('kits.aboutPage.nameAndDescription')}
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
      sx={{ display: 'grid', gap: 2, justifyItems: 'start' }}
    >
      <FoundAgain typed={typed} />
      <TextField
        fullWidth
        label={t('kits.importPage.nameOfTheKit')}
        value={name}
        onChange={({ target }) => typed.set({ name: target.value })}
        error={refusal?.about('name') !== undefined}
        helperText={refusal?.about('name')}
      />
      <TextField
        fullWidth
        multiline
        minRows={3}
        label={t('kits.aboutPage.description')}
        value={description}
        onChange={({ target }) => typed.set({ description: target.value })}
        error={refusal?.about('description') !== undefined}
        helperText={refusal?.about('description') ?? t('kits.aboutPage.descriptionHint')}
      />
      <TextField
        fullWidth
        label={t('kits.kitsPage.tags')}
        value={tags}
        onChange={({ target }) => typed.set({ tags: target.value })}
        helperText={t('kits.aboutPage.tagsHint')}
      />
      <Button type="submit" variant="contained" loading={saving}>
        {t('kits.aboutPage.save')}
      </Button>
      {refusal && !refusal.about('name') && !refusal.about('description') && (
        <Alert severity="error">{refusal.message}</Alert>
      )}
    </Box>
  );
}
