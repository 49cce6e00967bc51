import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { certificatePath, type PersonBuild } from '#contract/people';
import { readingWords } from '#core/words/orderWords';
import { stepTitle } from '#core/words/partWords';
import { ink } from '../app/tokens.ts';
import { dateAndTime } from '../ui/clock.ts';

const Hasty = lazy(async () => ({ default: (await import('./Hasty.tsx')).Hasty }));
// Few boards were photographed.
const PersonPhotos = lazy(async () => ({
  default: (await import('./PersonPhotos.tsx')).PersonPhotos,
}));

/** What one learner did at one workshop: the mistakes, and what was measured. */
export function PersonEvening({
  learnerId,
  build,
}: {
  readonly learnerId: string;
  readonly build: PersonBuild;
}) {
  const { t, i18n } = useTranslation();
  const { state, steps, workshopId } = build;
  const numberOf = (stepId: string | null) => steps.findIndex(({ id }) => id === stepId) + 1;
  return (
    <Box
      component="section"
      aria-label={build.workshopTitle}
      sx={{ borderTop: `1px solid ${ink('line')}`, py: 1.5, maxWidth: 1000 }}
    >
      <Box sx={{ display: 'flex', justifyContent: 'space-between', gap: 2, flexWrap: 'wrap' }}>
        <Box>
          <Link to={`/workshops/${workshopId}/wrap-up`}>
            <strong>{build.workshopTitle}</strong>
          </Link>
          <Box sx={{ color: ink('faded') }}>
            {[
              t('people.personPage.seatOfSteps', {
                kit: build.kitName,
                seat: build.seatNumber,
                when: dateAndTime(build.startsAt),
                done: Object.keys(state.doneAt).length,
                count: steps.length,
              }),
              state.checkedGood.length > 0 &&
                t('people.personPage.checked', { count: state.checkedGood.length }),
              state.praises.length > 0 &&
                t('people.personPage.praised', { count: state.praises.length }),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Box>
        </Box>
        {state.finishedAt !== null && (
          <Button
            color="inherit"
            variant="outlined"
            href={certificatePath(learnerId, workshopId, i18n.language)}
            target="_blank"
            sx={{ alignSelf: 'start' }}
          >
            {t('people.personPage.certificate')}
          </Button>
        )}
      </Box>
      <Suspense>
        <Hasty build={build} />
      </Suspense>
      {state.photos.length > 0 && (
        <Suspense>
          <PersonPhotos build={build} />
        </Suspense>
      )}
      <Box component="ul" sx={{ m: 0, mt: 0.5, pl: 2.5 }}>
        {state.mistakes.map((mistake) => (
          <li key={mistake.eventId}>
            <strong>{t(`mistake.${mistake.mistake}.name`)}</strong>{' '}
            {mistake.designator && <span className="mono">{mistake.designator}</span>}
            {t(foundWords(mistake), {
              made: numberOf(mistake.madeAtStepId),
              found: numberOf(mistake.foundAtStepId),
              cause: t(`mistake.${mistake.mistake}.cause`),
            })}
          </li>
        ))}
        {state.notes.map(({ eventId, text, helper }) => (
          <li key={eventId}>
            {t(helper ? 'people.personPage.noteBy' : 'people.personPage.note', {
              text,
              by: helper,
            })}
          </li>
        ))}
        {state.readings.map((reading) => {
          const step = steps.find(({ id }) => id === reading.stepId);
          if (step?.kind !== 'check') return null;
          return (
            <li key={reading.eventId}>
              {stepTitle(t, step)}: {readingWords(t, step, reading.amount)}
            </li>
          );
        })}
      </Box>
    </Box>
  );
}

/** Found where it was made, at another step, or at the end. */
const foundWords = ({ foundAtStepId, madeAtStepId }: PersonBuild['state']['mistakes'][number]) =>
  foundAtStepId === madeAtStepId
    ? 'people.personPage.foundAtOnce'
    : foundAtStepId === null
      ? 'people.personPage.foundAtEnd'
      : 'people.personPage.foundLater';
