import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { createPortal } from 'react-dom';
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
  /** Says whether the question waits for its answer: then it has the place of the step’s own buttons. */
  readonly answering: (isAt: boolean) => void;
  /** Where the step’s buttons were. */
  readonly foot: Element | null;
  /** What stays in reach while the question has their place. */
  readonly help: ReactNode;
  readonly dismiss: () => void;
}

/** The question that everybody got, at one seat: answered when hands are free, explained when the round has ended. */
export function ClassRound(props: ClassRoundProps) {
  const { round, plan, events, report, answering, foot, help, dismiss } = props;
  const { t } = useTranslation();
  const [sight] = useSight();
  const [isOpen, setOpen] = useState(false);
  const exercise = useMemo(
    () => exerciseOf(round.item, round.seed, kitOfSteps(plan)),
    [round.item, round.seed, plan],
  );
  const answer = answerIn(round, events);
  const hasEnded = round.endedAt !== null;
  const isAsked = !answer && !hasEnded && exercise !== undefined;
  useEffect(() => {
    answering(isAsked);
    return () => answering(false);
  }, [answering, isAsked]);
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
        <p>{t('practice.round.offered')}</p>
      )}
      {answer && (
        <button type="button" className="text-button" onClick={dismiss}>
          {t('practice.round.close')}
        </button>
      )}
      {isAsked &&
        foot &&
        createPortal(
          <nav className="seat-foot" aria-label={t('practice.round.title')}>
            {!isOpen && (
              <div className="foot-row">
                <button
                  type="button"
                  className="main-button"
                  onClick={() => {
                    setOpen(true);
                    scrollTo({ top: 0 });
                  }}
                >
                  {t('practice.round.open')}
                </button>
              </div>
            )}
            <div className="foot-row">
              <button type="button" className="side-button" onClick={dismiss}>
                {t('practice.round.later')}
              </button>
              {help}
            </div>
          </nav>,
          foot,
        )}
    </section>
  );
}
