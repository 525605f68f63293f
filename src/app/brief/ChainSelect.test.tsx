// @vitest-environment jsdom
import { act } from 'react';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { mounted } from '../../../tests/kit/mounted';
import { ChainSelect } from './ChainSelect';

let page: ReturnType<typeof mounted>;
let chosen: string[] = [];

const packs = Array.from({ length: 40 }, (_, n) => ({
  value: `pack-${n}`,
  text: `LiPo, ${(n % 3) + 1} cells, ${1000 + 100 * n} mAh`,
  note: n === 7 ? 'yours' : 'might buy',
}));

const show = (value: string) =>
  page.show(
    <ChainSelect
      label="Add: Pack"
      value={value}
      empty="not chosen"
      options={packs}
      onChoose={(id) => chosen.push(id)}
    />,
  );
const press = (key: string) =>
  act(() => {
    page.field().dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
  });
const listed = () => [...document.querySelectorAll('[role=option]')].map(({ textContent }) => textContent);

beforeEach(() => {
  chosen = [];
  page = mounted();
});

afterEach(() => page.end());

describe('a long list of parts', () => {
  it('is searched by a few letters of the name or of what stands under it', () => {
    show('');
    expect(page.field().placeholder).toBe('not chosen');
    page.type('1700');
    expect(listed()).toEqual(['LiPo, 2 cells, 1700 mAhyours']);
    page.type('1700 lipo, 2 cells');
    expect(listed()).toHaveLength(1);
    page.type('yours');
    expect(listed()).toHaveLength(1);
    page.type('lead acid');
    expect(listed()).toEqual([]);
    expect(document.body.textContent).toContain('Nothing of that name here');
  });

  it('keeps nothing in the field of a choice that goes elsewhere', () => {
    show('');
    page.type('1700');
    press('ArrowDown');
    press('Enter');
    expect(chosen).toEqual(['pack-7']);
    expect(page.field().value).toBe('');
  });

  it('shows what is chosen, and again after something was typed and left', () => {
    show('pack-3');
    const name = 'LiPo, 1 cells, 1300 mAh';
    expect(page.field().value).toBe(name);
    page.type('zinc');
    page.leave();
    expect(page.field().value).toBe(name);
    expect(chosen).toEqual([]);
  });
});
