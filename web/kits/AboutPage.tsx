import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { TFunction } from 'i18next';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { addressOf } from '#contract/endpoint';
import { kitFile } from '#contract/kitDocument';
import { type KitEvening, listKitEvenings } from '#contract/kitShelf';
import { call } from '../app/call.ts';
import { dateAndTime } from '../ui/clock.ts';
import { type Column, DataTable } from '../ui/DataTable.tsx';
import { KitDeeds } from './KitDeeds.tsx';
import { useKit } from './KitFrame.tsx';

// Each comes by itself.
const AboutForm = lazy(async () => ({ default: (await import('./AboutForm.tsx')).AboutForm }));
const EarlierLessons = lazy(async () => ({
  default: (await import('../ui/EarlierLessons.tsx')).EarlierLessons,
}));
const KitPictures = lazy(async () => ({
  default: (await import('./KitPictures.tsx')).KitPictures,
}));
const KitDrawers = lazy(async () => ({ default: (await import('./KitDrawers.tsx')).KitDrawers }));

export const loadKitEvenings = ({ params }: LoaderFunctionArgs) =>
  call(listKitEvenings, { params: { kitId: String(params.kitId) } });

/** A kit as a thing: what it is called, where it is used, and what can be done with the whole of it. */
export function AboutPage() {
  const { t } = useTranslation();
  const kit = useKit();
  const evenings = useLoaderData<readonly KitEvening[]>();
  const lessons = evenings.filter(({ nextTime }) => nextTime !== '');
  // Together, so that nothing moves under the finger while they come.
  return (
    <Suspense fallback={<div aria-busy="true" />}>
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          alignItems: 'start',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
        }}
      >
        <AboutForm key={`${kit.id} ${kit.about.version}`} />
        <Box sx={{ display: 'grid', gap: 3, gridTemplateColumns: 'minmax(0, 1fr)' }}>
          <section aria-labelledby="evenings">
            <Typography variant="h2" id="evenings">
              {t('kits.aboutPage.evenings')}
            </Typography>
            {evenings.length === 0 ? (
              <Typography>{t('kits.aboutPage.noEveningYet')}</Typography>
            ) : (
              <div className="table-scroll">
                <DataTable
                  name={t('kits.aboutPage.evenings')}
                  columns={eveningColumns(t)}
                  rows={evenings}
                  keyOf={({ workshopId }) => workshopId}
                />
              </div>
            )}
          </section>
          {lessons.length > 0 && (
            <section aria-labelledby="lessons">
              <Typography variant="h2" id="lessons">
                {t('kits.aboutPage.nextTime')}
              </Typography>
              <EarlierLessons evenings={lessons} />
            </section>
          )}
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
              <Button
                color="inherit"
                variant="outlined"
                href={addressOf(kitFile, { kitId: kit.id })}
              >
                {t('kits.aboutPage.exportAsAFile')}
              </Button>
              <KitDeeds evenings={evenings.length} />
            </Box>
            <Typography sx={{ color: 'text.secondary', mt: 1 }}>
              {t('kits.aboutPage.theFileHoldsEverything')}
            </Typography>
          </section>
          {/* Last: it asks the stores, and what comes then moves nothing. */}
          <KitDrawers />
        </Box>
      </Box>
    </Suspense>
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
