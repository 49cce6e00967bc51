import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { Judgement, Sight } from '#core/learning/drills/drill';
import type { Exercise } from '#core/learning/drills/exercise';
import { saying } from '#core/words/sayings';
import { useShortcuts } from '../app/shortcuts.ts';
import { Glyph, type GlyphName } from '../ui/Glyph.tsx';
import { viewOf } from './drills/index.ts';
import './practice.css';

/** An answer with what it is worth. */
export interface Given {
  readonly answer: unknown;
  readonly judgement: Judgement;
}

interface ExerciseCardProps {
  readonly exercise: Exercise;
  readonly sight: Sight;
  readonly given: Given | undefined;
  /** Leave out where nobody answers, as on a projector. */
  readonly give?: ((given: Given) => void) | undefined;
  /** Whether the verdict is shown; a class waits for everybody. */
  readonly tellsVerdict?: boolean;
  /** What comes behind the verdict. */
  readonly next?: (() => void) | undefined;
}

/** One exercise: the question, its picture, and after the answer why. */
export function ExerciseCard({
  exercise: { drill, kind, task },
  sight,
  given,
  give,
  tellsVerdict = true,
  next,
}: ExerciseCardProps) {
  const { t } = useTranslation();
  const View = viewOf(drill.id, kind.id);
  if (!View) return null;
  const words = kind.describe(task).map((one) => saying(t, one));
  const shown = tellsVerdict ? given?.answer : undefined;
  const isTaken = given !== undefined && !tellsVerdict;
  return (
    <article className="drill" aria-labelledby="drill-question">
      <h2 id="drill-question">{saying(t, kind.ask(task))}</h2>
      <div className="unseen">
        {words.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
      <View
        task={task}
        sight={sight}
        given={shown}
        answer={
          given === undefined && give
            ? (answer: unknown) => give({ answer, judgement: kind.judge(task, answer, sight) })
            : undefined
        }
      />
      {(!kind.showsColours || sight !== 'usual') && (
        <details className="drill-words">
          <summary>{t('practice.inWords')}</summary>
          {words.map((line) => (
            <p key={line}>{line}</p>
          ))}
        </details>
      )}
      {isTaken && (
        <p role="status" className="drill-note">
          <Glyph name="tick" /> {t('practice.round.given')}
        </p>
      )}
      {given && tellsVerdict && <Verdict kind={kind} task={task} given={given} next={next} />}
    </article>
  );
}

const verdicts = {
  right: 'tick',
  partly: 'diamond',
  wrong: 'cross',
  notCounted: 'ring',
} as const satisfies Record<string, GlyphName>;

/** From here on an answer was partly right. */
const partlyFrom = 0.3;

function verdictOf({ isRight, credit }: Judgement): keyof typeof verdicts {
  if (isRight === null) return 'notCounted';
  if (isRight) return 'right';
  return credit >= partlyFrom ? 'partly' : 'wrong';
}

interface VerdictProps extends Pick<Exercise, 'kind' | 'task'> {
  readonly given: Given;
  readonly next: (() => void) | undefined;
}

function Verdict({ kind, task, given, next }: VerdictProps) {
  const { t } = useTranslation();
  const region = useRef<HTMLElement>(null);
  const verdict = verdictOf(given.judgement);
  useEffect(() => {
    region.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  useShortcuts(next ? [{ key: 'Enter', does: t('practice.next'), run: next }] : []);
  return (
    <section ref={region} className={`drill-verdict drill-verdict-${verdict}`}>
      <div role="status">
        <p>
          <strong>
            <Glyph name={verdicts[verdict]} /> {t(`practice.${verdict}`)}
          </strong>{' '}
          {verdict !== 'right' &&
            !kind.explainsAll &&
            t('practice.rightWas', { answer: saying(t, kind.tell(task, kind.answer(task))) })}
        </p>
        {kind.explain(task, given.answer).map((one) => {
          const line = saying(t, one);
          return <p key={line}>{line}</p>;
        })}
      </div>
      {next && (
        <button type="button" className="drill-main" onClick={next}>
          {t('practice.next')}
        </button>
      )}
    </section>
  );
}
