import { useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { partsByPlace } from '#core/board/pads';
import { atOneGlance, type BenchTest, testKey } from '#core/faults/benchTests';
import { testSaid } from '#core/faults/faultSaid';
import { type FindAnswer, mostMade, secondsFor } from '#core/learning/drills/faults/find';
import { benchOf, type Hidden, inGlances } from '#core/learning/drills/faults/hidden';
import { placesOfTest } from '#core/words/faultWords';
import { saying, written } from '#core/words/sayings';
import type { ViewProps } from '../exerciseView.ts';
import { ChooseTest } from './ChooseTest.tsx';
import { HiddenBoard } from './HiddenBoard.tsx';
import { NameFault } from './NameFault.tsx';

const nowhere: ReadonlySet<string> = new Set();

/** A board with a hidden fault, with eyes and a simulated meter. */
export function FindFault({ task, given, answer }: ViewProps<Hidden, FindAnswer>) {
  const { t } = useTranslation();
  const [made, setMade] = useState<readonly BenchTest[]>([]);
  const bench = useMemo(() => benchOf(task), [task]);
  const parts = useMemo(() => partsByPlace(task.parts), [task]);
  const isOpen = given === undefined && answer !== undefined;
  const last = made.at(-1);
  const make = (test: BenchTest) => {
    const keys = new Set(made.map(testKey));
    const fresh = atOneGlance(task.faults, test).filter((one) => !keys.has(testKey(one)));
    setMade([...made, ...fresh]);
  };
  const keys = made.map(testKey);
  const answers = made.map((test) => ({ test, outcome: bench(test) ?? '' }));
  return (
    <>
      <HiddenBoard task={task} now={last ? new Set(placesOfTest(task.faults, last)) : nowhere} />
      {made.length > 0 && (
        <ol className="fault-drill-made" aria-live="polite">
          {inGlances(task, answers).map(({ test, outcomes }) => (
            <li key={testKey(test)}>
              {saying(t, testSaid(task.faults, test, parts))}{' '}
              <strong>{String(written(t, outcomes))}</strong>
            </li>
          ))}
        </ol>
      )}
      {isOpen && (
        <>
          <p>{t('drill.faults.find.seconds', { count: secondsFor(task, keys) })}</p>
          {made.length < mostMade && <ChooseTest task={task} made={made} make={make} />}
          <NameFault
            task={task}
            name={(named) => answer({ made: keys.slice(0, mostMade), named })}
          />
        </>
      )}
    </>
  );
}
