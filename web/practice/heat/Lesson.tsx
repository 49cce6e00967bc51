import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { noKit } from '#core/learning/drills/drill';
import { exerciseOf } from '#core/learning/drills/exercise';
import { goals } from '#core/learning/drills/heat/bench';
import { Glyph } from '../../ui/Glyph.tsx';
import { ExerciseCard, type Given } from '../ExerciseCard.tsx';
import type { Answered } from '../session/Session.tsx';

interface LessonProps {
  readonly record: (answered: Answered) => void;
}

const itemOf = (goalId: string) => `heat.bench.${goalId}`;

/** Goals one after another; each stays until it is reached, and every try says what to change. */
export function Lesson({ record }: LessonProps) {
  const { t } = useTranslation();
  const [reached, setReached] = useState<ReadonlySet<string>>(new Set());
  const [at, setAt] = useState(0);
  const [tries, setTries] = useState(0);
  const [given, setGiven] = useState<Given>();
  const goal = goals[at];
  const exercise = goal && exerciseOf(itemOf(goal.id), 0, noKit);
  if (!goal || !exercise) return <p role="status">{t('drill.heat.lessonDone')}</p>;

  const give = (one: Given) => {
    record({ ...one, item: itemOf(goal.id), seed: 0 });
    setGiven(one);
    setTries(tries + 1);
    if (one.judgement.isRight) setReached(new Set([...reached, goal.id]));
  };
  const isReached = given?.judgement.isRight === true;
  const goOn = () => {
    setGiven(undefined);
    if (isReached) {
      setAt(at + 1);
      setTries(0);
    }
  };
  return (
    <>
      {at === 0 && tries === 0 && <p>{t('drill.heat.lessonLead')}</p>}
      <ol className="heat-goals">
        {goals.map(({ id }, index) => (
          <li
            key={id}
            className={
              reached.has(id) ? 'heat-goal-done' : index === at ? 'heat-goal-now' : undefined
            }
            aria-current={index === at ? 'step' : undefined}
          >
            {reached.has(id) && <Glyph name="tick" />} {t(`drill.heat.goal.${id}`)}
          </li>
        ))}
      </ol>
      <p>
        {t('drill.heat.goalOf', {
          number: at + 1,
          count: goals.length,
          goal: t(`drill.heat.goal.${goal.id}`),
        })}
        {tries > 0 && ` · ${t('drill.heat.tries', { count: tries })}`}
      </p>
      <ExerciseCard
        key={`${goal.id} ${given === undefined ? 'open' : 'done'} ${tries}`}
        exercise={exercise}
        sight="usual"
        given={given}
        give={give}
      />
      {given && (
        <div className="drill">
          <button type="button" className="drill-main" onClick={goOn}>
            {t(isReached ? 'drill.heat.nextGoal' : 'drill.heat.tryAgain')}
          </button>
        </div>
      )}
    </>
  );
}
