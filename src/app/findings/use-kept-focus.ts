import { useEffect, useRef, type FocusEvent, type RefObject } from 'react';

/**
 * Whoever takes a put-right by keyboard loses what they stood on: it goes with its finding. The focus then comes to the
 * head of the list, not to the top of the page.
 * @param key changes whenever something may have gone
 */
export function useKeptFocus(
  key: unknown,
): [RefObject<HTMLHeadingElement | null>, { onFocus: () => void; onBlur: (event: FocusEvent) => void }] {
  const head = useRef<HTMLHeadingElement>(null);
  const isInside = useRef(false);
  useEffect(() => {
    if (isInside.current && document.activeElement === document.body) head.current?.focus();
  }, [key]);
  return [
    head,
    {
      onFocus: () => {
        isInside.current = true;
      },
      onBlur: ({ relatedTarget, currentTarget }) => {
        // What is taken out of the page tells of no other target; what is left by hand does, or loses the page.
        if (relatedTarget && !currentTarget.contains(relatedTarget)) isInside.current = false;
      },
    },
  ];
}
