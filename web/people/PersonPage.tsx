import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { type LoaderFunctionArgs, useLoaderData } from 'react-router';
import { addressOf } from '#contract/endpoint';
import { getPerson, type Person, statementsPath } from '#contract/people';
import { personPhotos } from '#contract/photos';
import { call } from '../app/call.ts';
import { useChoices } from '../app/useChoices.ts';
import { ChartComing } from '../ui/ChartComing.tsx';
import { decimal } from '../ui/decimal.ts';
import { PageHead } from '../ui/PageHead.tsx';
import { ErasePerson } from './ErasePerson.tsx';
import { OwnPage } from './OwnPage.tsx';
import { PersonEvening } from './PersonEvening.tsx';
import { ReadyFor } from './ReadyFor.tsx';
import { Skills } from './Skills.tsx';

export const loadPerson = ({ params }: LoaderFunctionArgs) =>
  call(getPerson, { params: { learnerId: String(params.learnerId) } });

const SkillCourse = lazy(async () => ({
  default: (await import('./SkillCourse.tsx')).SkillCourse,
}));

// With them come all the trainers.
const Behind = lazy(async () => ({ default: (await import('./Behind.tsx')).Behind }));
const Practised = lazy(async () => ({ default: (await import('./Practised.tsx')).Practised }));

/** One learner: skills, what to practise, what they are ready for, and every evening. */
export function PersonPage() {
  const { t } = useTranslation();
  const person = useLoaderData<Person>();
  const [search] = useChoices();
  const shown = search.get('behind');
  const { id, name, skills, ready, evenings, pace } = person;
  return (
    <>
      <PageHead
        title={name}
        facts={[
          t('people.personPage.boards', { finished: person.finished, count: person.builds }),
          t('people.personPage.mistakes', { count: person.mistakes }),
          pace && t('people.personPage.pace', { share: decimal(pace.share, 1), count: pace.count }),
        ]
          .filter(Boolean)
          .join(' · ')}
      >
        <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
          {person.evenings.some(({ state }) => state.photos.length > 0) && (
            <Button
              color="inherit"
              variant="outlined"
              href={addressOf(personPhotos, { learnerId: id })}
            >
              {t('people.personPage.exportPhotos')}
            </Button>
          )}
          <Button color="inherit" variant="outlined" href={statementsPath(id)}>
            {t('people.personPage.exportLearningRecordsXapi')}
          </Button>
          <ErasePerson person={person} />
        </Box>
      </PageHead>
      <OwnPage key={id} person={person} />
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1.6fr) minmax(0, 1fr)' },
          mb: 4,
        }}
      >
        <Skills skills={skills} />
        <Box component="section" aria-label={t('people.personPage.howSkillsGrew')}>
          <Typography variant="h2">{t('people.personPage.howTheyGrew')}</Typography>
          <Suspense fallback={<ChartComing />}>
            <SkillCourse skills={skills} />
          </Suspense>
        </Box>
      </Box>
      <Suspense>{shown && <Behind person={person} skill={shown} />}</Suspense>
      <ReadyFor ready={ready} />
      <Suspense>
        <Practised person={person} />
      </Suspense>
      <Typography variant="h2">{t('people.personPage.evenings')}</Typography>
      {evenings.map((build) => (
        <PersonEvening key={build.workshopId} learnerId={id} build={build} />
      ))}
    </>
  );
}
