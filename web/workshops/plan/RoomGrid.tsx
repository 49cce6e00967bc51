import { useTranslation } from 'react-i18next';
import type { Seat } from '#contract/workshops';
import type { RoomCell, RoomPlan } from '#core/pace/seating/roomPlan';
import './room.css';

interface RoomGridProps {
  readonly plan: RoomPlan;
  readonly seats: readonly Seat[];
  /** The place that was tapped and waits for where it goes. */
  readonly held: number | undefined;
  /** Undefined where nothing is to be moved. */
  readonly tap: ((at: number) => void) | undefined;
}

/** The room from above, place by place; two taps move something. */
export function RoomGrid({ plan, seats, held, tap }: RoomGridProps) {
  const { t } = useTranslation();
  const words = (cell: RoomCell): string => {
    if (!cell) return '';
    if (cell.kind === 'thing') return cell.thing;
    const seat = seats.find(({ id }) => id === cell.seat);
    return seat ? `${seat.number} ${seat.name}`.trim() : '';
  };
  return (
    <div className="room">
      <p className="room-front">{t('workshops.roomPlan.front')}</p>
      <ul className="room-grid" style={{ '--columns': plan.columns } as React.CSSProperties}>
        {plan.cells.map((cell, at) => {
          const row = Math.floor(at / plan.columns) + 1;
          const column = (at % plan.columns) + 1;
          const name = t(`workshops.roomPlan.${cell ? 'placeOf' : 'free'}`, {
            what: words(cell),
            row,
            column,
          });
          return (
            // biome-ignore lint/suspicious/noArrayIndexKey: a place is where it is, whatever stands there
            <li key={at} className={cell ? `is-${cell.kind}` : 'is-free'}>
              {tap ? (
                <button
                  type="button"
                  aria-label={name}
                  aria-pressed={held === at}
                  onClick={() => tap(at)}
                >
                  {words(cell)}
                </button>
              ) : (
                <span>{words(cell)}</span>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
