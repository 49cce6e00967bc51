import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData, useRevalidator } from 'react-router';
import { addressOf } from '#contract/endpoint';
import { kitFile } from '#contract/kitDocument';
import { changeKitAbout, type KitEvening, listKitEvenings } from '#contract/kitShelf';
import { readTags } from '#core/kitfile/shelf';
import { call } from '../app/call.ts';
import { useSave } from '../app/useSave.ts';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { KitDeeds } from './KitDeeds.tsx';
import { useKit } from './KitFrame.tsx';
import { KitPictures } from './KitPictures.tsx';

// Comes after what the kit is.
const KitDrawers = lazy(async () => ({ default: (await import('./KitDrawers.tsx')).KitDrawers }));

export const loadKitEvenings = ({ params }: LoaderFunctionArgs) =>
  call(listKitEvenings, { params: { kitId: String(params.kitId) } });

/** A kit as a thing: what it is called, where it is used, and what can be done with the whole of it. */
export function AboutPage() {
  const { t } = useTranslation();
  const kit = useKit();
  const evenings = useLoaderData<readonly KitEvening[]>();
  return (
    <Box
      sx={{
        display: 'grid',
        gap: 4,
        alignItems: 'start',
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
      }}
    >
      <AboutForm key={`${kit.id} ${kit.about.version}`} />
      <Box sx={{ display: 'grid', gap: 3 }}>
        <section aria-labelledby="evenings">
          <Typography variant="h2" id="evenings">
            {t('kits.aboutPage.evenings')}
          </Typography>
          {evenings.length === 0 ? (
            <Typography>{t('kits.aboutPage.noEveningYet')}</Typography>
          ) : (
            <DataTable
              name={t('kits.aboutPage.evenings')}
              columns={eveningColumns(t)}
              rows={evenings}
              keyOf={({ workshopId }) => workshopId}
            />
          )}
        </section>
        <Suspense>
          <KitDrawers />
        </Suspense>
        <KitPictures
          key={Object.values(kit.about.pictures)
            .map(({ hash }) => hash)
            .join()}
        />
        <section aria-labelledby="whole">
          <Typography variant="h2" id="whole" sx={{ mb: 1 }}>
            {t('kits.aboutPage.theWholeKit')}
          </Typography>
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1 }}>
            <Button color="inherit" variant="outlined" href={addressOf(kitFile, { kitId: kit.id })}>
              {t('kits.aboutPage.exportAsAFile')}
            </Button>
            <KitDeeds evenings={evenings.length} />
          </Box>
          <Typography sx={{ color: 'text.secondary', mt: 1 }}>
            {t('kits.aboutPage.theFileHoldsEverything')}
          </Typography>
        </section>
      </Box>
    </Box>
  );
}

function AboutForm() {
  const { t } = useTranslation();
  const { id, name: nameNow, about } = useKit();
  const { revalidate } = useRevalidator();
  const { run, refusal, saving } = useSave();
  const [name, setName] = useState(nameNow);
  const [description, setDescription] = useState(about.description);
  const [tags, setTags] = useState(about.tags.join(', '));
  const save = () =>
    run(async () => {
      await call(changeKitAbout, {
        params: { kitId: id },
        body: { version: about.version, name, description, tags: readTags(tags) },
      });
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
      <TextField
        fullWidth
        label={t('kits.importPage.nameOfTheKit')}
        value={name}
        onChange={({ target }) => setName(target.value)}
        error={refusal?.about('name') !== undefined}
        helperText={refusal?.about('name')}
      />
      <TextField
        fullWidth
        multiline
        minRows={3}
        label={t('kits.aboutPage.description')}
        value={description}
        onChange={({ target }) => setDescription(target.value)}
        error={refusal?.about('description') !== undefined}
        helperText={refusal?.about('description') ?? t('kits.aboutPage.descriptionHint')}
      />
      <TextField
        fullWidth
        label={t('kits.kitsPage.tags')}
        value={tags}
        onChange={({ target }) => setTags(target.value)}
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

const eveningColumns = (t: TFunction): readonly Column<KitEvening>[] => [
  {
    id: 'title',
    head: t('kits.aboutPage.evening'),
    isName: true,
    by: ({ title }) => title,
    cell: ({ workshopId, title }) => <Link to={`/workshops/${workshopId}`}>{title}</Link>,
  },
  {
    id: 'when',
    head: t('kits.aboutPage.when'),
    by: ({ startsAt }) => startsAt,
    cell: ({ startsAt }) => dateAndTime(startsAt),
  },
  {
    id: 'seats',
    head: t('kits.aboutPage.seats'),
    isNumber: true,
    by: ({ seats }) => seats,
    cell: ({ seats }) => seats,
  },
  {
    id: 'revision',
    head: t('kits.kitsPage.revision'),
    isNumber: true,
    by: ({ revision }) => revision,
    cell: ({ revision }) => revision,
  },
];
