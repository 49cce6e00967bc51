/** What was worked out before, by a key; the oldest goes when there is no room. */
export interface Memo<Key, Value> {
  readonly name: string;
  get(key: Key): Value | undefined;
  /** @returns the value */
  set(key: Key, value: Value): Value;
  /** The value of the key, worked out where it is not there yet. */
  of(key: Key, workOut: () => Value): Value;
  readonly size: number;
  clear(): void;
}

interface MemoOptions {
  /** What is kept, for whoever looks at what takes memory. */
  readonly name: string;
  /** So many at the most; each is one result, however large. */
  readonly most: number;
}

/**
 * Keeps results that cost more to work out than to keep. A value that was asked for lately stays longest.
 *
 * @param most has to be at least 1
 */
export function memo<Key, Value>({ name, most }: MemoOptions): Memo<Key, Value> {
  const kept = new Map<Key, Value>();
  const touch = (key: Key, value: Value): Value => {
    kept.delete(key);
    kept.set(key, value);
    if (kept.size > most) {
      // A map keeps the order in which its keys came.
      const oldest = kept.keys().next();
      if (!oldest.done) kept.delete(oldest.value);
    }
    return value;
  };
  return {
    name,
    get: (key) => {
      const value = kept.get(key);
      return value === undefined ? undefined : touch(key, value);
    },
    set: touch,
    of: (key, workOut) => {
      const value = kept.get(key);
      return touch(key, value === undefined ? workOut() : value);
    },
    get size() {
      return kept.size;
    },
    clear: () => kept.clear(),
  };
}

/** What was worked out of an object before; it goes with the object. */
export interface ObjectMemo<Key extends object, Value> {
  readonly name: string;
  of(key: Key, workOut: () => Value): Value;
}

/** The same for what belongs to one object: as many results as there are objects, and none longer than they live. */
export function memoOfObject<Key extends object, Value>(name: string): ObjectMemo<Key, Value> {
  const kept = new WeakMap<Key, { readonly value: Value }>();
  return {
    name,
    of: (key, workOut) => {
      const known = kept.get(key);
      if (known) return known.value;
      const value = workOut();
      kept.set(key, { value });
      return value;
    },
  };
}
