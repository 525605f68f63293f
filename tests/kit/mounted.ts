import { act, type ReactElement } from 'react';
import { createRoot } from 'react-dom/client';

/** A component on a page, and hands for its one field. */
export function mounted() {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  const place = document.body.appendChild(document.createElement('div'));
  const root = createRoot(place);
  const field = () => place.querySelector('input')!;
  return {
    place,
    field,
    show: (element: ReactElement) => act(() => root.render(element)),
    type: (text: string) =>
      act(() => {
        field().focus();
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field(), text);
        field().dispatchEvent(new Event('input', { bubbles: true }));
      }),
    leave: () => act(() => field().blur()),
    end: () => {
      act(() => root.unmount());
      place.remove();
    },
  };
}
