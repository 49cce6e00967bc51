import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { PracticeKit, Sight } from '#core/learning/drills/drill';
import { exerciseOf, partsOfItem } from '#core/learning/drills/exercise';
import type { Planned } from '#core/learning/practice/session';
import { saying } from '#core/words/sayings';
import { ExerciseCard, type Given } from '../ExerciseCard.tsx';

/** An exercise as it was answered. */
export interface Answered extends Given {
  readonly item: string;
  readonly seed: number;
}

interface SessionProps {
  readonly planned: readonly Planned[];
  readonly kit: PracticeKit;
  readonly sight: Sight;
  /** Told at once, so that nothing is lost when the page closes. */
  readonly record: (answered: Answered) => void;
  /** A seed for whatever is asked once more. */
  readonly anySeed: () => number;
  readonly leave: () => void;
  readonly another: () => void;
}

/** One exercise after the other; what went wrong comes once more at the end, made anew. */
export function Session({ planned, kit, sight, record, anySeed, leave, another }: SessionProps) {
  const { t } = useTranslation();
  const [queue, setQueue] = useState<readonly Pick<Planned, 'item' | 'seed'>[]>(planned);
  const [index, setIndex] = useState(0);
  const [given, setGiven] = useState<Given>();
  const [answered, setAnswered] = useState<readonly Answered[]>([]);
  const now = queue[index];
  const exercise = useMemo(() => now && exerciseOf(now.item, now.seed, kit), [now, kit]);

  if (!now || !exercise) {
    return <Summary answered={answered} count={planned.length} leave={leave} another={another} />;
  }
  const give = (one: Given) => {
    const answer = { ...one, ...now };
    record(answer);
    setGiven(one);
    setAnswered([...answered, answer]);
    if (one.judgement.isRight === false && index < planned.length)
      setQueue([...queue, { item: now.item, seed: anySeed() }]);
  };
  const next = () => {
    setGiven(undefined);
    setIndex(index + 1);
    scrollTo({ top: 0 });
  };
  return (
    <>
      <div className="drill-head">
        <span>
          {t('practice.ofCount', { number: index + 1, count: queue.length })} ·{' '}
          {t(`drill.${exercise.drill.id}.name`)}
          {index >= planned.length && ` · ${t('practice.again')}`}
        </span>
        <button type="button" className="drill-text" onClick={leave}>
          {t('practice.stop')}
        </button>
      </div>
      <progress className="drill-progress" value={index} max={queue.length}>
        {index}
      </progress>
      <ExerciseCard
        key={index}
        exercise={exercise}
        sight={sight}
        given={given}
        give={give}
        next={next}
      />
    </>
  );
}

interface SummaryProps {
  readonly answered: readonly Answered[];
  readonly count: number;
  readonly leave: () => void;
  readonly another: () => void;
}

function Summary({ answered, count, leave, another }: SummaryProps) {
  const { t } = useTranslation();
  const first = answered.slice(0, count);
  const counted = first.filter(({ judgement }) => judgement.isRight !== null);
  const wrong = [
    ...new Set(
      first.filter(({ judgement }) => judgement.isRight === false).map(({ item }) => item),
    ),
  ];
  return (
    <section className="drill" aria-labelledby="drill-done">
      <h2 id="drill-done">{t('practice.done')}</h2>
      <p role="status">
        <strong>
          {t('practice.score', {
            right: counted.filter(({ judgement }) => judgement.isRight).length,
            count: counted.length,
          })}
        </strong>{' '}
        {wrong.length === 0 && counted.length > 0 && t('practice.allRight')}
      </p>
      {wrong.length > 0 && (
        <>
          <h3>{t('practice.lookAgain')}</h3>
          <ul>
            {wrong.map((item) => {
              const parts = partsOfItem(item);
              return parts && <li key={item}>{saying(t, parts.kind.name(parts.key))}</li>;
            })}
          </ul>
        </>
      )}
      <div className="drill-row">
        <button type="button" className="drill-side" onClick={leave}>
          {t('practice.choose')}
        </button>
        <button type="button" className="drill-main" onClick={another}>
          {t('practice.another')}
        </button>
      </div>
    </section>
  );
}
