import { useId, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { alloys } from '#core/joint/heat/alloys';
import { usualIron } from '#core/joint/heat/iron';
import { targets } from '#core/joint/heat/targets';
import {
  bench,
  freeItem,
  type HeatAnswer,
  type HeatTask,
  setupOf,
} from '#core/learning/drills/heat/bench';
import { saying } from '#core/words/sayings';
import { Result } from '../drills/heat.tsx';
import type { Answered } from '../session/Session.tsx';
import { HeatBench } from './HeatBench.tsx';
import { type Iron, IronChoice } from './IronChoice.tsx';
import { WhatIf } from './WhatIf.tsx';

interface FreeBenchProps {
  readonly record: (answered: Answered) => void;
}

/** A joint and the iron for it. */
interface Place {
  readonly task: HeatTask;
  readonly iron: Iron;
}

const ordinary: Place = { task: { target: 'ordinary', alloy: 'sn60pb40' }, iron: usualIron };
const plane: Place = { task: { target: 'plane-solid', alloy: 'sn60pb40' }, iron: usualIron };

/** Everything adjustable, one joint or two beside each other, and what other irons would do. */
export function FreeBench({ record }: FreeBenchProps) {
  const { t } = useTranslation();
  const [places, setPlaces] = useState<readonly Place[]>([ordinary]);
  const [results, setResults] = useState<readonly HeatAnswer[]>();
  const setups = useMemo(() => places.map(({ task, iron }) => setupOf(task, iron)), [places]);
  const change = (index: number, place: Place) =>
    setPlaces(places.map((one, at) => (at === index ? place : one)));
  const [first = ordinary] = places;
  return (
    <div className="drill">
      <label className="heat-settings">
        <input
          type="checkbox"
          checked={places.length > 1}
          disabled={results !== undefined}
          onChange={({ target }) => setPlaces(target.checked ? [first, plane] : [first])}
        />
        {t('drill.heat.compare')}
      </label>
      {!results &&
        places.map((place, index) => (
          <PlaceChoice
            // biome-ignore lint/suspicious/noArrayIndexKey: a joint is its place on the bench
            key={index}
            place={place}
            set={(next) => change(index, next)}
          />
        ))}
      {results ? (
        <>
          {results.map((answer, index) => {
            const task = places[index]?.task;
            return (
              task && (
                // biome-ignore lint/suspicious/noArrayIndexKey: a joint is its place on the bench
                <section key={index} className="drill-verdict">
                  <Result task={task} answer={answer} />
                  <div role="status">
                    {bench.explain(task, answer).map((one) => {
                      const line = saying(t, one);
                      return <p key={line}>{line}</p>;
                    })}
                  </div>
                </section>
              )
            );
          })}
          <button type="button" className="drill-main" onClick={() => setResults(undefined)}>
            {t('drill.heat.tryAgain')}
          </button>
        </>
      ) : (
        <HeatBench
          setups={setups}
          done={(tries) => {
            const answers = tries.map((tried, index) => ({
              ...(places[index] ?? first).iron,
              ...tried,
            }));
            setResults(answers);
            const [answer] = answers;
            if (!answer) return;
            // Here it may be spoiled on purpose: it is kept, and not counted.
            record({
              item: freeItem(first.task),
              seed: 0,
              answer,
              judgement: { isRight: null, credit: 0 },
            });
          }}
        />
      )}
      <WhatIf task={first.task} iron={first.iron} />
    </div>
  );
}

interface PlaceChoiceProps {
  readonly place: Place;
  readonly set: (place: Place) => void;
}

function PlaceChoice({ place: { task, iron }, set }: PlaceChoiceProps) {
  const { t } = useTranslation();
  const id = useId();
  return (
    <div className="heat-settings">
      <label htmlFor={`${id}-target`}>{t('drill.heat.targetLabel')}</label>
      <select
        id={`${id}-target`}
        value={task.target}
        onChange={({ target }) => set({ task: { ...task, target: target.value }, iron })}
      >
        {targets.map((one) => (
          <option key={one.id} value={one.id}>
            {t(`drill.heat.target.${one.id}`)}
          </option>
        ))}
      </select>
      <label htmlFor={`${id}-alloy`}>{t('drill.heat.alloy')}</label>
      <select
        id={`${id}-alloy`}
        value={task.alloy}
        onChange={({ target }) => set({ task: { ...task, alloy: target.value }, iron })}
      >
        {alloys.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <IronChoice iron={iron} set={(next) => set({ task, iron: next })} />
    </div>
  );
}
