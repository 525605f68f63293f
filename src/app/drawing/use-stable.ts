import { useCallback, useLayoutEffect, useRef } from 'react';

/** A handler that stays one and the same and does what it was last given to do: what is drawn with it is not drawn again for it. */
export function useStable<Asked extends unknown[]>(
  work: (...asked: Asked) => void,
): (...asked: Asked) => void {
  const latest = useRef(work);
  useLayoutEffect(() => {
    latest.current = work;
  });
  return useCallback((...asked: Asked) => latest.current(...asked), []);
}
