import { linkDays } from '#contract/seats';

/** What decides when a seat's link opens and ends. */
export interface LinkTimes {
  readonly startsAt: string;
  readonly lengthMinutes: number;
  /** When somebody let the learners begin before the start; null where nobody did. */
  readonly openedAt: string | null;
  /** The learner keeps a page of their own: it goes on after the evening. */
  readonly keepsPage: boolean;
  /** When the evening was closed: nothing that is done later is taken. Null while it is open. */
  readonly closedAt: string | null;
  /** The link ended when the evening was closed. */
  readonly linksEnd: boolean;
}

/** `waiting` before the evening, `over` some days after it. */
export type LinkState = 'waiting' | 'open' | 'over';

const dayMs = 24 * 3600_000;

/** When the link ends; never for a learner who keeps a page. */
export const linkEndsAt = ({
  startsAt,
  lengthMinutes,
  keepsPage,
  closedAt,
  linksEnd,
}: LinkTimes): number =>
  keepsPage
    ? Number.POSITIVE_INFINITY
    : closedAt !== null && linksEnd
      ? Date.parse(closedAt)
      : Date.parse(startsAt) + lengthMinutes * 60_000 + linkDays * dayMs;

export function linkState(times: LinkTimes, now: Date): LinkState {
  if (now.getTime() > linkEndsAt(times)) return 'over';
  return times.openedAt !== null || now.getTime() >= Date.parse(times.startsAt)
    ? 'open'
    : 'waiting';
}
