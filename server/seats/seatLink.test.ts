import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type LinkTimes, linkState } from './seatLink.ts';

const evening: LinkTimes = {
  startsAt: '2026-03-05T18:30:00.000Z',
  lengthMinutes: 120,
  openedAt: null,
  keepsPage: false,
  closedAt: null,
  linksEnd: false,
};
const at = (iso: string, changes: Partial<LinkTimes> = {}) =>
  linkState({ ...evening, ...changes }, new Date(iso));

describe('a seat’s link', () => {
  it.each([
    ['weeks before', '2026-02-01T12:00:00Z', {}, 'waiting'],
    ['a second before', '2026-03-05T18:29:59Z', {}, 'waiting'],
    ['at the start', '2026-03-05T18:30:00Z', {}, 'open'],
    ['let in early', '2026-03-05T18:00:00Z', { openedAt: '2026-03-05T17:55:00.000Z' }, 'open'],
    ['the next day', '2026-03-06T18:30:00Z', {}, 'open'],
    ['seven days after the end', '2026-03-12T20:30:00Z', {}, 'open'],
    ['a second later', '2026-03-12T20:30:01Z', {}, 'over'],
    [
      'a minute after it was closed with its links',
      '2026-03-05T20:41:00Z',
      { closedAt: '2026-03-05T20:40:00.000Z', linksEnd: true },
      'over',
    ],
    [
      'the day after it was closed, links and all, with a page of one’s own',
      '2026-03-06T20:40:00Z',
      { closedAt: '2026-03-05T20:40:00.000Z', linksEnd: true, keepsPage: true },
      'open',
    ],
    ['a year later, with a page of one’s own', '2027-03-05T18:30:00Z', { keepsPage: true }, 'open'],
  ])('%s is as it should be', (_, now, changes, state) => {
    expect(at(now, changes)).toBe(state);
  });

  it('goes from waiting to open to over and never back', () => {
    const order = ['waiting', 'open', 'over'];
    fc.assert(
      fc.property(fc.integer({ min: -40, max: 40 }), fc.nat(40), (day, later) => {
        const when = (days: number) =>
          new Date(Date.parse(evening.startsAt) + days * 24 * 3600_000).toISOString();
        expect(order.indexOf(at(when(day + later)))).toBeGreaterThanOrEqual(
          order.indexOf(at(when(day))),
        );
      }),
    );
  });
});
