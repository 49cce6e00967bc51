import { useCallback, useState } from 'react';
import { changedFields, formWith, type Kept } from './typedForm.ts';

const prefix = 'ozzet.typed.';

/** A form that is not saved yet. */
export interface Typed<Form> {
  readonly value: Form;
  /** The fields that differ from what is saved. */
  readonly changed: Partial<Form>;
  readonly set: (changed: Partial<Form>) => void;
  /** It was begun before this form was opened. */
  readonly wasFound: boolean;
  /** Back to what is saved. */
  readonly startOver: () => void;
  /** Once it has been saved: nothing is offered again. */
  readonly saved: () => void;
}

/**
 * What somebody types into a form. It outlives closing, leaving, a reload and a closed window on this device, and is
 * there again when the form is opened; what somebody else has saved meanwhile comes in beside it, field by field.
 *
 * @param name of the form and of what it is about
 * @param start what is saved, when the form is opened
 */
export function useTyped<Form extends object>(name: string, start: Form): Typed<Form> {
  const key = prefix + name;
  const [begun, setBegun] = useState(start);
  const [found] = useState(() => foundIn(key, start));
  const [value, setValue] = useState(found ?? start);
  const [wasFound, setWasFound] = useState(found !== undefined);
  const keep = useCallback(
    (next: Form) => {
      setValue(next);
      write(key, { start: begun, value: next });
    },
    [key, begun],
  );
  return {
    value,
    changed: changedFields(begun, value),
    set: (changed) => keep({ ...value, ...changed }),
    wasFound,
    startOver: useCallback(() => {
      setWasFound(false);
      keep(begun);
    }, [keep, begun]),
    saved: useCallback(() => {
      setWasFound(false);
      setBegun(value);
      localStorage.removeItem(key);
    }, [key, value]),
  };
}

function foundIn<Form extends object>(key: string, start: Form): Form | undefined {
  const text = localStorage.getItem(key);
  if (text === null) return undefined;
  try {
    return formWith(start, JSON.parse(text));
  } catch {
    return undefined;
  }
}

function write<Form extends object>(key: string, kept: Kept<Form>): void {
  try {
    if (JSON.stringify(kept.start) === JSON.stringify(kept.value)) localStorage.removeItem(key);
    else localStorage.setItem(key, JSON.stringify(kept));
  } catch {
    // The device’s store is full: an older state would be worse than none.
    localStorage.removeItem(key);
  }
}
