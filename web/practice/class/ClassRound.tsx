import { useEffect, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { BuildEvent, Deed } from '#core/build/event';
import { exerciseOf } from '#core/learning/drills/exercise';
import { kitOfSteps } from '#core/learning/practice/kitOfSteps';
import { answerIn, type Round } from '#core/learning/practice/rounds';
import { ExerciseCard } from '../ExerciseCard.tsx';
import { useSight } from '../useSight.ts';

interface ClassRoundProps {
  readonly round: Round;
  readonly plan: Parameters<typeof kitOfSteps>[0];
  readonly events: readonly BuildEvent[];
  readonly report: (deed: Deed) => void;
  /** Says whether the learner is at the question now. */
  readonly answering: (isAt: boolean) => void;
  readonly dismiss: () => void;
}

/** The question that everybody got, at one seat: answered when hands are free, explained when the round has ended. */
export function ClassRound({ round, plan, events, report, answering, dismiss }: ClassRoundProps) {
  const { t } = useTranslation();
  const [sight] = useSight();
  const [isOpen, setOpen] = useState(false);
  const exercise = useMemo(
    () => exerciseOf(round.item, round.seed, kitOfSteps(plan)),
    [round.item, round.seed, plan],
  );
  const answer = answerIn(round, events);
  const hasEnded = round.endedAt !== null;
  const isAt = isOpen && !answer && !hasEnded && exercise !== undefined;
  useEffect(() => {
    answering(isAt);
    return () => answering(false);
  }, [answering, isAt]);
  if (!exercise || (hasEnded && !answer)) return null;
  return (
    <section className="class-round" aria-label={t('practice.round.title')}>
      <p className="class-round-title">
        <strong>{t('practice.round.title')}</strong>
        {hasEnded && ` · ${t('practice.round.ended')}`}
      </p>
      {answer || isOpen ? (
        <ExerciseCard
          exercise={exercise}
          sight={sight}
          given={answer && { answer: answer.answer, judgement: answer }}
          tellsVerdict={hasEnded}
          give={({ answer: mine, judgement }) =>
            report({
              kind: 'practised',
              item: round.item,
              seed: round.seed,
              answer: mine,
              ...judgement,
              round: round.id,
            })
          }
        />
      ) : (
        <button type="button" className="main-button" onClick={() => setOpen(true)}>
          {t('practice.round.open')}
        </button>
      )}
      <button type="button" className="text-button" onClick={dismiss}>
        {t(hasEnded ? 'practice.round.close' : 'practice.round.later')}
      </button>
    </section>
  );
}
