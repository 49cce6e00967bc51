import { useTranslation } from 'react-i18next';
import type { Board, Side } from '#core/board/board';
import { viewOfParts } from '#core/board/view';
import type { LookAt } from '#core/faults/kinds/ids';
import type { LookFirst } from '#core/faults/lookFirst';
import type { Part } from '#core/parts/part';
import { sideWords } from '#core/words/boardWords';
import { BoardMap, wholeBoard } from '../ui/board/BoardMap.tsx';
import { nearParts } from './nearParts.ts';

/** What is looked at from below; the rest from above. */
const below: ReadonlySet<LookAt> = new Set(['joints', 'between', 'copper']);

interface LookMapProps {
  readonly board: Board;
  readonly parts: ReadonlyMap<string, Part>;
  readonly look: LookFirst;
}

/** The board drawn near what is looked at, from the side that it is seen from. */
export function LookMap({ board, parts, look: { at, place } }: LookMapProps) {
  const { t } = useTranslation();
  const side: Side = below.has(at) ? 'bottom' : 'top';
  const part = parts.get(place);
  const placement = board.placements.find((one) => one.place === place);
  const isDrawn = part && placement;
  return (
    <section className="step-map" aria-label={t('seat.map')}>
      <div className="map-frame">
        <BoardMap
          board={board}
          parts={parts}
          side={side}
          view={
            isDrawn ? viewOfParts(board, side, [{ placement, part }], nearParts) : wholeBoard(board)
          }
          now={new Set([place])}
        />
      </div>
      <p className="map-side">{t('seat.lookFirst.drawn', { side: sideWords(t, side) })}</p>
    </section>
  );
}
