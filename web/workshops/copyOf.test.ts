import { describe, expect, it } from 'vitest';
import type { Workshop } from '#contract/workshops';
import { copiedIn, copyOf } from './copyOf.ts';

const workshop = (startsAt: string, names: readonly string[]) =>
  ({
    title: 'Evening course 2',
    kitId: 'k1',
    startsAt,
    lengthMinutes: 90,
    seats: names.map((name) => ({ name })),
  }) as unknown as Workshop;

describe('a workshop planned like an earlier one', () => {
  it('is at the same hour on the same day of the week, the next time that it comes', () => {
    // Thursdays, 5 and 26 March 2026.
    const at = (now: string) => copyOf(workshop('2026-03-05T18:30:00', []), new Date(now)).startsAt;
    expect(at('2026-03-01T09:00:00')).toBe('2026-03-12T18:30');
    expect(at('2026-03-05T20:00:00')).toBe('2026-03-12T18:30');
    expect(at('2026-03-20T09:00:00')).toBe('2026-03-26T18:30');
  });

  it('has as many seats, and the names of who has one', () => {
    const copied = copyOf(workshop('2026-03-05T18:30:00', ['Tern', '', 'Skua']), new Date());
    expect(copied).toMatchObject({ seatCount: 3, names: 'Tern\nSkua', lengthMinutes: 90 });
  });

  it.each([null, undefined, 'copied', {}, { copied: null }, { copied: { title: 7 } }])(
    'is none of %j',
    (state) => {
      expect(copiedIn(state)).toBeUndefined();
    },
  );
});
