import { useMemo, useState } from 'react';
import { drawJointAbove } from '#core/joint/drawing/above';
import { drawSection } from '#core/joint/drawing/section';
import { usualIron } from '#core/joint/heat/iron';
import {
  type HeatAnswer,
  type HeatTask,
  outcomeOfAnswer,
  setupOf,
} from '#core/learning/drills/heat/bench';
import { DrawingSvg } from '../../ui/DrawingSvg.tsx';
import type { ViewProps } from '../exerciseView.ts';
import { HeatBench } from '../heat/HeatBench.tsx';
import { type Iron, IronChoice } from '../heat/IronChoice.tsx';

function Bench({ task, given, answer }: ViewProps<HeatTask, HeatAnswer>) {
  const [iron, setIron] = useState<Iron>(usualIron);
  const setups = useMemo(() => [setupOf(task, iron)], [task, iron]);
  if (given) return <Result task={task} answer={given} />;
  if (!answer) return null;
  return (
    <>
      <IronChoice iron={iron} set={setIron} />
      <HeatBench setups={setups} done={([tried]) => tried && answer({ ...iron, ...tried })} />
    </>
  );
}

/** What came of it, from above and cut through. */
export function Result({ task, answer }: { readonly task: HeatTask; readonly answer: HeatAnswer }) {
  const { shape } = outcomeOfAnswer(task, answer);
  return (
    <div className="drill-pair drill-joint" aria-hidden="true">
      <DrawingSvg drawing={drawJointAbove(shape)} />
      <DrawingSvg drawing={drawSection(shape)} />
    </div>
  );
}

/** The pictures of the drill, by kind of exercise. */
export const heatViews = { bench: Bench };
