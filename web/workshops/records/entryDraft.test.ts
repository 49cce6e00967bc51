import { describe, expect, it } from 'vitest';
import type { BuildEvent, Deed } from '#core/build/event';
import { eveningOf } from '../../testing/evening.tsx';
import { formFormat, siteTime } from '../siteTime.ts';
import { amendableOf, amendments, draftOf } from './entryDraft.ts';

const { steps, startsAt } = eveningOf();
const at = (minute: number) => new Date(Date.parse(startsAt) + minute * 60_000).toISOString();
const now = new Date(at(60));
const entry = (id: string, minute: number, deed: Deed): BuildEvent => ({
  ...deed,
  id,
  seatId: 'seat',
  at: at(minute),
  by: 'instructor',
});

/** What is logged where a form of an entry was changed. */
function corrected(log: readonly BuildEvent[], changed: object) {
  const found = amendableOf(log, log[0]?.id ?? '');
  if (!found) throw new Error('cannot be put right');
  return amendments(found, { ...draftOf(found, steps), ...changed }, steps, now);
}

describe('a visit', () => {
  const log = [
    entry('visit', 10, { kind: 'visit', answers: ['a call'] }),
    entry('end', 12, { kind: 'visit-ended', visit: 'visit' }),
  ];

  it('is left as it is where nothing is typed over', () => {
    expect(corrected(log, {})).toEqual({ deeds: [] });
  });

  it('has its beginning and its end put right each by itself, the other one to the second', () => {
    const minute = (at: string) => siteTime(at).format(formFormat);
    expect(corrected(log, { when: minute(at(8)) })).toMatchObject({
      deeds: [{ amends: 'visit', deed: { kind: 'visit', answers: ['a call'] } }],
    });
    expect(corrected(log, { until: minute(at(20)) })).toMatchObject({
      deeds: [{ amends: 'end', deed: { kind: 'visit-ended', visit: 'visit' } }],
    });
  });

  it('has no end where it has not ended', () => {
    const found = amendableOf(log.slice(0, 1), 'visit');
    expect(found && draftOf(found, steps)).not.toHaveProperty('until');
  });

  it.each([
    [{ until: '2000-01-01T00:00' }, 'until'],
    [{ until: '2100-01-01T00:00' }, 'until'],
    [{ when: '2100-01-01T00:00' }, 'when'],
    [{ when: '' }, 'when'],
  ])('is asked again with %j', (changed, field) => {
    const made = corrected(log, changed);
    expect('problems' in made && Object.keys(made.problems)).toContain(field);
  });
});

describe('a reading', () => {
  const check = steps.find(({ kind }) => kind === 'check');
  const log = [entry('reading', 20, { kind: 'reading', stepId: check?.id ?? '', amount: 47 })];

  it('is typed as at the seat', () => {
    expect(corrected(log, { amount: '4k7' })).toMatchObject({
      deeds: [{ deed: { kind: 'reading', amount: 4700 }, happenedAt: at(20) }],
    });
    expect(corrected(log, { amount: 'OL' })).toMatchObject({ deeds: [{ deed: { amount: 1e9 } }] });
  });

  it('is asked again where it is no number', () => {
    expect(corrected(log, { amount: 'much' })).toHaveProperty('problems.amount');
  });
});

it('asks for the words of a note and for a part that is missing', () => {
  const note = [entry('note', 5, { kind: 'note', text: 'Left-handed' })];
  expect(corrected(note, { text: '  ' })).toHaveProperty('problems.text');
  const stepId = steps[0]?.id ?? '';
  const missing = [entry('missing', 5, { kind: 'part-missing', stepId, designators: ['R1'] })];
  expect(corrected(missing, { places: [] })).toHaveProperty('problems.places');
});

it('leaves what has moved something to be taken back', () => {
  const stepId = steps[0]?.id ?? '';
  const handed = [entry('handed', 5, { kind: 'part-replaced', stepId, designator: 'R1' })];
  expect(amendableOf(handed, 'handed')).toBeUndefined();
});
