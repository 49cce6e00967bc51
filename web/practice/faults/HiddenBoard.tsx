import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Side } from '#core/board/board';
import { partsByPlace } from '#core/board/pads';
import { goodLooks, type Hidden, inGlances, seenAtOnce } from '#core/learning/drills/faults/hidden';
import { sideWords } from '#core/words/boardWords';
import { saying } from '#core/words/sayings';
import { BoardMap } from '../../ui/board/BoardMap.tsx';

interface HiddenBoardProps {
  readonly task: Hidden;
  /** What is pointed at. */
  readonly now?: ReadonlySet<string>;
}

/** A board with something wrong, as it is drawn when it is right; what it does, and what it should do. */
export function HiddenBoard({ task, now }: HiddenBoardProps) {
  const { t } = useTranslation();
  const [side, setSide] = useState<Side>('top');
  const does = inGlances(task, seenAtOnce(task)).flatMap(({ outcomes }) => outcomes);
  return (
    <>
      <div className="fault-drill-board">
        <BoardMap
          board={task.board}
          parts={partsByPlace(task.parts)}
          side={side}
          {...(now ? { now } : {})}
        />
        <p>
          {sideWords(t, side)}{' '}
          <button
            type="button"
            className="drill-side"
            onClick={() => setSide(side === 'top' ? 'bottom' : 'top')}
          >
            {t('drill.faults.turn')}
          </button>
        </p>
      </div>
      <ul className="fault-drill-facts">
        {goodLooks(task).map((line) => (
          <li key={JSON.stringify(line)}>{saying(t, line)}</li>
        ))}
        <li>
          <strong>{saying(t, { says: 'drill.faults.seen', fill: { does } })}</strong>
        </li>
      </ul>
    </>
  );
}
