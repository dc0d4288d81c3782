import { useCallback, useState } from 'react';

/** Pixels above and below what is seen that count as near. */
const MARGIN = 1200;

/**
 * Whether an element has been near what is seen; what stands in it need not be there before.
 *
 * @param atFirst what is assumed before anybody looked
 */
export function useNear(atFirst: boolean): [(element: Element | null) => (() => void) | undefined, boolean] {
  const [near, setNear] = useState(atFirst);
  const watch = useCallback((element: Element | null) => {
    if (!element) return;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry?.isIntersecting) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: `${MARGIN}px 0px` },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [watch, near];
}
