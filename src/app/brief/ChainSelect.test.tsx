// @vitest-environment jsdom
import { act } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { ChainSelect } from './ChainSelect';

let place: HTMLElement;
let root: Root;
let chosen: string[] = [];

const packs = Array.from({ length: 40 }, (_, n) => ({
  value: `pack-${n}`,
  text: `LiPo, ${(n % 3) + 1} cells, ${1000 + 100 * n} mAh`,
  note: n === 7 ? 'yours' : 'might buy',
}));

const show = (value: string) =>
  act(() =>
    root.render(
      <ChainSelect
        label="Add: Pack"
        value={value}
        empty="not chosen"
        options={packs}
        onChoose={(id) => chosen.push(id)}
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
const press = (key: string) =>
  act(() => {
    field().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  });
const listed = () => [...document.querySelectorAll('[role=option]')].map(({ textContent }) => textContent);

beforeEach(() => {
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  chosen = [];
  place = document.body.appendChild(document.createElement('div'));
  root = createRoot(place);
});

afterEach(() => {
  act(() => root.unmount());
  place.remove();
});

describe('a long list of parts', () => {
  it('is searched by a few letters of the name or of what stands under it', () => {
    show('');
    expect(field().placeholder).toBe('not chosen');
    type('1700');
    expect(listed()).toEqual(['LiPo, 2 cells, 1700 mAhyours']);
    type('1700 lipo, 2 cells');
    expect(listed()).toHaveLength(1);
    type('yours');
    expect(listed()).toHaveLength(1);
    type('lead acid');
    expect(listed()).toEqual([]);
    expect(document.body.textContent).toContain('Nothing of that name here');
  });

  it('keeps nothing in the field of a choice that goes elsewhere', () => {
    show('');
    type('1700');
    press('ArrowDown');
    press('Enter');
    expect(chosen).toEqual(['pack-7']);
    expect(field().value).toBe('');
  });

  it('shows what is chosen, and again after something was typed and left', () => {
    show('pack-3');
    const name = 'LiPo, 1 cells, 1300 mAh';
    expect(field().value).toBe(name);
    type('zinc');
    act(() => field().blur());
    expect(field().value).toBe(name);
    expect(chosen).toEqual([]);
  });
});
