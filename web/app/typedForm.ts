/** A form as it is kept on a device: what it was begun with, and what was typed. */
export interface Kept<Form> {
  readonly start: Form;
  readonly value: Form;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

const fieldsOf = (value: unknown): Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Readonly<Record<string, unknown>>)
    : {};

/** Whether a field can be taken for another: text for text, a list for a list, the same names within. */
function isAlike(like: unknown, found: unknown): boolean {
  if (like === null || like === undefined) return true;
  if (Array.isArray(like)) return Array.isArray(found);
  if (typeof like !== 'object') return typeof like === typeof found;
  const inFound = fieldsOf(found);
  return Object.entries(like).every(
    ([name, value]) => name in inFound && isAlike(value, inFound[name]),
  );
}

/** The fields of a form that are not as they were. */
export const changedFields = <Form extends object>(start: Form, value: Form): Partial<Form> =>
  Object.fromEntries(
    Object.entries(value).filter(([name, typed]) => !same(fieldsOf(start)[name], typed)),
  ) as Partial<Form>;

/**
 * What is saved now, with the fields that somebody changed when the form was last open.
 *
 * @param start what is saved now
 * @param kept what the device has kept, of whatever version
 * @returns undefined where nothing of it is left to offer
 */
export function formWith<Form extends object>(start: Form, kept: unknown): Form | undefined {
  const { start: before, value } = fieldsOf(kept);
  const [was, typed] = [fieldsOf(before), fieldsOf(value)];
  const changed = Object.entries(start).filter(
    ([name, now]) =>
      name in typed &&
      !same(was[name], typed[name]) &&
      !same(now, typed[name]) &&
      isAlike(now, typed[name]),
  );
  return changed.length === 0
    ? undefined
    : { ...start, ...Object.fromEntries(changed.map(([name]) => [name, typed[name]])) };
}
