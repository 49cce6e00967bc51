import { Trans, useTranslation } from 'react-i18next';
import type { Exercise } from '#core/learning/drills/exercise';
import { commonestWrong, type Tally } from '#core/learning/practice/rounds';
import { saying } from '#core/words/sayings';
import { Glyph } from '../../ui/Glyph.tsx';
import { toldAnswer } from './toldAnswer.ts';
import './class.css';

interface DistributionProps {
  readonly exercise: Exercise;
  readonly tallies: readonly Tally[];
  /** Seats that were asked. */
  readonly of: number;
}

/** What a class answered: right and wrong, how many each, and the commonest wrong one with why it is wrong. */
export function Distribution({ exercise, tallies, of }: DistributionProps) {
  const { t } = useTranslation();
  const { kind, task } = exercise;
  const told = (answer: unknown) => toldAnswer(t, exercise, answer);
  const most = Math.max(1, ...tallies.map(({ count }) => count));
  const wrong = commonestWrong(tallies);
  const answered = tallies.reduce((sum, { count }) => sum + count, 0);
  return (
    <section className="distribution" aria-label={t('practice.distribution.answers')}>
      <ol>
        {tallies.map(({ answer, count, isRight }) => (
          <li key={JSON.stringify(answer)} className={isRight ? 'tally-right' : 'tally-wrong'}>
            <span className="tally-name">
              <Glyph name={isRight ? 'tick' : 'cross'} /> {told(answer)}
            </span>
            <span className="tally-bar" style={{ width: `${(100 * count) / most}%` }} />
            <span className="tally-count">{count}</span>
          </li>
        ))}
      </ol>
      <p>
        {t('practice.distribution.ofAnswered', { answered, of })}
        {tallies.every(({ isRight }) => !isRight) && (
          <Trans
            i18nKey="practice.distribution.rightWouldBe"
            values={{ told: told(kind.answer(task)) }}
            components={{ strong: <strong /> }}
          />
        )}
      </p>
      {wrong && (
        <p>
          <strong>
            {t('practice.distribution.theCommonestWrongAnswerOf', {
              count: wrong.count,
              answered,
              told: told(wrong.answer),
            })}
          </strong>
        </p>
      )}
      <ul className="distribution-why">
        {kind.explain(task, wrong?.answer ?? kind.answer(task)).map((one) => {
          const line = saying(t, one);
          return <li key={line}>{line}</li>;
        })}
      </ul>
    </section>
  );
}
