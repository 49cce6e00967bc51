import { useId, useMemo, useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Board } from '#core/board/board';
import { stageAt } from '#core/order/stage';
import type { PlannedStep } from '#core/pace/stepMinutes';
import type { Part } from '#core/parts/part';
import { partName, stepTitle } from '#core/words/partWords';
import { BoardMap } from '../ui/board/BoardMap.tsx';

interface BuildUpProps {
  readonly board: Board;
  readonly parts: ReadonlyMap<string, Part>;
  readonly steps: readonly PlannedStep[];
  /** Where it begins. */
  readonly stepId: string;
}

/** The board as it is at any step, before or after the one that is worked on. */
export function BuildUp({ board, parts, steps, stepId }: BuildUpProps) {
  const { t } = useTranslation();
  const id = useId();
  const [at, setAt] = useState(() => steps.findIndex((step) => step.id === stepId));
  const step = steps[at];
  const stage = useMemo(
    () => step && stageAt(steps, step.id, new Set(board.placements.map(({ place }) => place))),
    [steps, step, board],
  );
  if (!step || !stage) return null;
  const title = t('seat.buildUpAt', {
    number: at + 1,
    count: steps.length,
    title: stepTitle(t, step),
  });
  return (
    <div className="build-up">
      <label htmlFor={id}>{title}</label>
      <input
        id={id}
        type="range"
        min={0}
        max={steps.length - 1}
        value={at}
        aria-valuetext={title}
        onChange={({ target }) => setAt(Number(target.value))}
      />
      <div className="map-frame">
        <BoardMap board={board} parts={parts} side="top" now={stage.now} done={stage.done} />
      </div>
      {stage.loose.length > 0 && (
        <p>
          {t('seat.buildUpLoose', {
            parts: stage.loose.map((part) => partName(t, part)).join(', '),
          })}
        </p>
      )}
    </div>
  );
}
