import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Person } from '#contract/people';
import { partsOfItem } from '#core/learning/drills/exercise';
import { stepTitle } from '#core/words/partWords';
import { saying } from '#core/words/sayings';
import { ink } from '../app/tokens.ts';
import { dateAndTime } from '../ui/clock.ts';

/** The steps and exercises behind the estimate of a skill, each with when it was. */
export function Behind({ person, skill }: { readonly person: Person; readonly skill: string }) {
  const { t } = useTranslation();
  const seen = person.opportunities.filter((one) => one.skill === skill);
  return (
    <Box
      component="section"
      aria-label={t('people.behind.stepsBehindTheSkill')}
      sx={{
        background: ink('sheet'),
        border: `1px solid ${ink('line')}`,
        p: 2,
        mb: 4,
        maxWidth: 1000,
      }}
    >
      <Typography variant="h2">
        {t('people.behind.stepsAndExercisesThatAskFor', { count: seen.length })}
      </Typography>
      <Box component="ol" sx={{ m: 0, pl: 3.5 }}>
        {seen.map(({ in: where, wasRight, at }) => (
          <li key={`${JSON.stringify(where)} ${at}`}>
            <strong>{t(`people.behind.${wasRight ? 'wentRight' : 'wentWrong'}`)}</strong>:{' '}
            {where.kind === 'step' ? (
              <StepOf person={person} workshopId={where.workshopId} stepId={where.stepId} />
            ) : (
              t('people.behind.practice', { exerciseName: exerciseName(t, where.item) })
            )}
            , {dateAndTime(at)}
          </li>
        ))}
      </Box>
    </Box>
  );
}

function exerciseName(t: Parameters<typeof saying>[0], item: string): string {
  const parts = partsOfItem(item);
  return parts ? saying(t, parts.kind.name(parts.key)) : item;
}

interface StepOfProps {
  readonly person: Person;
  readonly workshopId: string;
  readonly stepId: string;
}

function StepOf({ person, workshopId, stepId }: StepOfProps) {
  const { t } = useTranslation();
  const evening = person.evenings.find((one) => one.workshopId === workshopId);
  const step = evening?.steps.find(({ id }) => id === stepId);
  return (
    <>
      {step && stepTitle(t, step)},{' '}
      <Link to={`/workshops/${workshopId}/wrap-up`}>{evening?.workshopTitle}</Link>
    </>
  );
}
