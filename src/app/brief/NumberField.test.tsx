// @vitest-environment jsdom
import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { NumberField } from './NumberField';

let place: HTMLElement;
let root: Root;
let taken: (number | undefined)[] = [];

const show = (value: number | undefined) =>
  act(() =>
    root.render(
      <NumberField
        label="Mass, kg"
        value={value}
        least={0.01}
        most={500}
        onTake={(typed) => taken.push(typed)}
      />,
    ),
  );
const field = () => place.querySelector('input')!;
const type = (text: string) =>
  act(() => {
    field().focus();
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(field(), text);
    field().dispatchEvent(new Event('input', { bubbles: true }));
  });
const leave = () => act(() => field().blur());

beforeEach(() => {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  taken = [];
  place = document.body.appendChild(document.createElement('div'));
  root = createRoot(place);
});

afterEach(() => {
  act(() => root.unmount());
  place.remove();
});

describe('a field for a number', () => {
  it('is taken when it is left, with a comma or a point, and when it is emptied', () => {
    show(4);
    type('4,5');
    expect(taken).toEqual([]);
    leave();
    show(4.5);
    type('');
    leave();
    expect(taken).toEqual([4.5, undefined]);
  });

  it('keeps what makes no sense, with why, until it is put right', () => {
    show(4);
    type('ten');
    leave();
    expect([field().value, place.textContent]).toEqual(['ten', expect.stringContaining('from 0.01 to 500')]);
    type('10');
    leave();
    expect(taken).toEqual([10]);
    show(10);
    expect(place.textContent).not.toContain('from 0.01');
  });

  it('shows the figure once it is another, by an undo or for another part', () => {
    show(4);
    type('ten');
    leave();
    show(6);
    expect(field().value).toBe('6');
    expect(place.textContent).not.toContain('from 0.01');
  });
});
