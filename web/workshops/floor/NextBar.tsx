import { useTranslation } from 'react-i18next';
import { whoNext } from '#core/pace/tonight/whoNext';
import { Glyph } from '../../ui/Glyph.tsx';
import { type FloorSeat, seatName } from './floorSeat.ts';
import { signOf, urgent } from './visitSigns.ts';

interface NextBarProps {
  readonly seats: readonly FloorSeat[];
  readonly choose: (seatId: string) => void;
  /** Goes to the whole list. */
  readonly more: () => void;
}

/** As many as the thumb reaches beside one another. */
const inTheBar = 3;

/** The first who need somebody, at the lower edge of what is held in the hand. */
export function NextBar({ seats, choose, more }: NextBarProps) {
  const { t } = useTranslation();
  const ranked = whoNext(seats);
  if (ranked.length === 0) return null;
  return (
    <nav className="next-bar" aria-label={t('workshops.whoNext.firstOnes')}>
      {ranked.slice(0, inTheBar).map(({ seat: at, reasons: [first] }) => (
        <button
          key={at.seat.id}
          type="button"
          className={first && urgent.has(first.id) ? 'is-urgent' : undefined}
          onClick={() => choose(at.seat.id)}
        >
          <Glyph name={signOf[first?.id ?? ''] ?? 'dot'} /> {seatName(at.seat)}
        </button>
      ))}
      {ranked.length > inTheBar && (
        <button
          type="button"
          onClick={more}
          aria-label={t('workshops.whoNext.andMore', { count: ranked.length - inTheBar })}
        >
          +{ranked.length - inTheBar}
        </button>
      )}
    </nav>
  );
}
