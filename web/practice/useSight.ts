import { useState } from 'react';
import { type Sight, sights } from '#core/learning/drills/drill';

const key = 'ozzet.sight';

const keptSight = (): Sight =>
  sights.find((sight) => sight === localStorage.getItem(key)) ?? 'usual';

/** How the learner at this device sees colours; said once, kept on the device and sent nowhere. */
export function useSight(): readonly [Sight, (sight: Sight) => void] {
  const [sight, setSight] = useState(keptSight);
  return [
    sight,
    (chosen) => {
      localStorage.setItem(key, chosen);
      setSight(chosen);
    },
  ];
}
