import { Link } from 'react-router';
import type { KitEvening } from '#contract/kitShelf';
import { dateAndTime } from './clock.ts';

/** What earlier evenings left for the next one, each with the way to it. */
export function EarlierLessons({ evenings }: { readonly evenings: readonly KitEvening[] }) {
  return (
    <ul className="lessons">
      {evenings.map(({ workshopId, title, startsAt, nextTime }) => (
        <li key={workshopId}>
          <Link to={`/workshops/${workshopId}/wrap-up`}>{title}</Link>, {dateAndTime(startsAt)}
          <div style={{ whiteSpace: 'pre-line' }}>{nextTime}</div>
        </li>
      ))}
    </ul>
  );
}
