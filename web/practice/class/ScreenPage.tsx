import { Trans, useTranslation } from 'react-i18next';
import { ExerciseCard } from '../ExerciseCard.tsx';
import { Distribution } from './Distribution.tsx';
import { useClass } from './useClass.ts';

/** The question and, when it has ended, what was answered: large, and without names. */
export function ScreenPage() {
  const { t } = useTranslation();
  const { workshop, asked } = useClass();
  if (!asked) {
    return (
      <main className="screen">
        <h1>{workshop.title}</h1>
        <p>{t('practice.screenPage.theFirstQuestionComesSoon')}</p>
      </main>
    );
  }
  const hasEnded = asked.round.endedAt !== null;
  return (
    <main className="screen">
      <div className="screen-head">
        <span>
          {workshop.title} · {t(`drill.${asked.exercise.drill.id}.name`)}
        </span>
        <span role="status">
          <Trans
            i18nKey="practice.screenPage.ofHaveAnswered"
            values={{ answered: asked.answered, count: asked.seats.length }}
            components={{ span: <span className="screen-count" /> }}
          />
        </span>
      </div>
      <div className={hasEnded ? 'screen-sides' : 'screen-side'}>
        <ExerciseCard
          key={asked.round.id}
          exercise={asked.exercise}
          sight="usual"
          given={undefined}
        />
        {hasEnded && (
          <Distribution exercise={asked.exercise} tallies={asked.tallies} of={asked.seats.length} />
        )}
      </div>
    </main>
  );
}
