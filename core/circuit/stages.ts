import { checkOf } from '../order/checks/index.ts';
import type { Step } from '../order/step.ts';

/** A point of the build at which something is measured or tried. */
export interface MeasuredStage {
  /** Ids of the checks that are made then; none where all is built and no check says so. */
  readonly steps: readonly string[];
  /** Places of everything that is fitted by then, sorted. */
  readonly places: readonly string[];
}

/** The points of a build at which meters or eyes have something to say, in order; the last is the whole board. */
export function stagesOf(steps: readonly Step[]): MeasuredStage[] {
  const fitted = new Set<string>();
  const stages: MeasuredStage[] = [];
  const add = (ids: readonly string[]) => {
    const places = [...fitted].sort();
    const same = stages.findIndex((stage) => isSame(stage.places, places));
    if (same < 0) stages.push({ steps: ids, places });
    else stages[same] = { places, steps: [...(stages[same]?.steps ?? []), ...ids] };
  };
  for (const step of steps) {
    if (step.kind !== 'check') {
      for (const { designators } of step.parts) for (const place of designators) fitted.add(place);
      continue;
    }
    const { isLive, form } = checkOf(step.check);
    if (isLive || form) add([step.id]);
  }
  if (fitted.size > 0) add([]);
  return stages;
}

const isSame = (a: readonly string[], b: readonly string[]) =>
  a.length === b.length && a.every((place, index) => place === b[index]);
