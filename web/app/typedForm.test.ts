import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changedFields, formWith } from './typedForm.ts';

describe('a form that was not saved', () => {
  const start = { name: 'Lamp', places: 'R1', turned: ['a'], tags: { de: 'x' } };

  it('comes back with what was typed', () => {
    const value = { ...start, name: 'Lamp two' };
    expect(formWith(start, { start, value })).toEqual(value);
  });

  it('takes what somebody else has saved in the fields that were left alone', () => {
    const kept = { start, value: { ...start, name: 'mine' } };
    expect(formWith({ ...start, places: 'R2' }, kept)).toEqual({
      ...start,
      name: 'mine',
      places: 'R2',
    });
  });

  it('offers nothing where the same has been saved meanwhile', () => {
    const value = { ...start, name: 'Lamp two' };
    expect(formWith(value, { start, value })).toBeUndefined();
  });

  it.each([null, 3, 'text', [], {}, { value: { name: 7 } }, { start, value: { turned: 'a' } }])(
    'of another version or none: %j is not taken',
    (kept) => {
      expect(formWith(start, kept)).toBeUndefined();
    },
  );

  const field = fc.constantFrom('a', 'b', 'c');
  const form = fc.record({ one: field, two: field, three: field });
  it('loses no field that was typed, and none that was saved', () => {
    fc.assert(
      fc.property(form, form, form, (before, typed, now) => {
        const merged = { ...now, ...formWith(now, { start: before, value: typed }) };
        const mine = changedFields(before, typed);
        expect(merged).toEqual({ ...now, ...mine });
      }),
    );
  });
});
