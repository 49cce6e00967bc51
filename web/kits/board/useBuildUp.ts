import { useCallback, useEffect, useMemo, useState } from 'react';
import { stageAt } from '#core/order/stage';
import type { Step } from '#core/order/step';
import { useChoices } from '../../app/useChoices.ts';
import { useKit } from '../KitFrame.tsx';

/** The steps of the kit, and the one in the address; undefined until they are planned, which comes after the picture. */
export function useBuildUp() {
  const kit = useKit();
  const [steps, setSteps] = useState<readonly Step[]>();
  const [search, choose] = useChoices();
  useEffect(() => {
    let isWanted = true;
    void import('./plannedOnPage.ts').then(({ plannedOnPage }) => {
      if (isWanted) setSteps(plannedOnPage(kit));
    });
    return () => {
      isWanted = false;
    };
  }, [kit]);
  const places = useMemo(
    () => new Set(kit.board?.placements.map(({ place }) => place) ?? []),
    [kit.board],
  );
  const at = steps?.find(({ id }) => id === search.get('step'));
  const stage = useMemo(
    () => (steps && at ? stageAt(steps, at.id, places) : undefined),
    [steps, at, places],
  );
  const chooseStep = useCallback(
    (step: string | undefined) => choose({ step, part: undefined }),
    [choose],
  );
  return steps && { steps, at, stage, choose: chooseStep };
}
