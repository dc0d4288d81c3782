import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same between renders and does what the latest one does; for handlers of memoised parts. */
export function useStable<Arguments extends unknown[]>(
  handler: (...given: Arguments) => void,
): (...given: Arguments) => void {
  const latest = useRef(handler);
  useLayoutEffect(() => {
    latest.current = handler;
  });
  return useCallback((...given: Arguments) => latest.current(...given), []);
}
