import { type RefObject, useLayoutEffect, useRef } from 'react';

/** What a value was when the page was drawn last: for callbacks that stay the same while what they need changes. */
export function useLatest<T>(value: T): RefObject<T> {
  const latest = useRef(value);
  useLayoutEffect(() => {
    latest.current = value;
  });
  return latest;
}
