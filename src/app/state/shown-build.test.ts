// @vitest-environment jsdom
import { act, createElement, useState } from 'react';
import { createRoot } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../../core/model/plan/build';
import { openInStore, useBuildStore } from './build-store';
import { beforeShowing, showEachChange, showNow, useBuildPart } from './shown-build';

const rename = (name: string) => useBuildStore.getState().apply('rename', [{ type: 'rename', name }]);

/** All that the screen showed, and what was prepared before, in their order. */
let seen: string[] = [];
const prepare = (build: Build) => void seen.push(`check ${build.name}`);
const Name = () => {
  const name = useBuildPart((build) => build.name);
  if (seen.at(-1) !== name) seen.push(name);
  return name;
};
let stop: () => void;
let forget: () => void;
let unmount: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  stop = showEachChange();
  forget = beforeShowing(prepare);
  openInStore(crypto.randomUUID(), { ...tub(), name: 'Tub' });
  seen = [];
  const root = createRoot(document.createElement('div'));
  act(() => root.render(createElement(Name)));
  unmount = () => act(() => root.unmount());
});

afterEach(() => {
  unmount();
  forget();
  stop();
  vi.useRealTimers();
});

function tasks(count: number) {
  for (let n = 0; n < count; n += 1) act(() => void vi.advanceTimersToNextTimer());
}

describe('what the screens show', () => {
  it('follows an edit once it is checked, each in a task of its own', () => {
    act(() => void rename('Other'));
    expect(seen).toEqual(['Tub']);
    tasks(1);
    expect(seen).toEqual(['Tub', 'check Other']);
    tasks(1);
    expect(seen).toEqual(['Tub', 'check Other', 'Other']);
  });

  it('is never held up by edits that go on: what was checked is shown, and the last comes after', () => {
    act(() => void rename('One'));
    act(() => void rename('Two'));
    tasks(1);
    act(() => void rename('Three'));
    tasks(3);
    expect(seen).toEqual(['Tub', 'check Two', 'Two', 'check Three', 'Three']);
    expect(vi.getTimerCount()).toBe(0);
  });

  it.each(['pointerdown', 'mouseup', 'keydown', 'focusout', 'click'])(
    'is up to date before a hand does anything else: %s',
    (kind) => {
      act(() => void rename('Other'));
      let whenDone = '';
      document.body.addEventListener(kind, () => (whenDone = seen.at(-1)!), { once: true });
      act(() => void document.body.dispatchEvent(new Event(kind, { bubbles: true })));
      expect(whenDone).toBe('Other');
      expect(vi.getTimerCount()).toBe(0);
    },
  );

  it('loses nothing that is ticked or typed while it is behind', () => {
    const told: unknown[] = [];
    const Fields = () => {
      const [text, setText] = useState('');
      const [isTicked, setTicked] = useState(false);
      useBuildPart((build) => build.name);
      told.push(text, isTicked);
      return [
        createElement('input', {
          key: 'text',
          value: text,
          onChange: ({ target }) => setText(target.value),
        }),
        createElement('input', {
          key: 'tick',
          type: 'checkbox',
          checked: isTicked,
          onChange: () => setTicked(true),
        }),
      ];
    };
    const place = document.body.appendChild(document.createElement('div'));
    const fields = createRoot(place);
    act(() => fields.render(createElement(Fields)));
    const [text, tick] = [...place.querySelectorAll('input')];
    act(() => void rename('Other'));
    act(() => tick!.click());
    act(() => {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!.call(text, '24');
      text!.dispatchEvent(new Event('input', { bubbles: true }));
    });
    tasks(2);
    expect(told.slice(-2)).toEqual(['24', true]);
    expect([text!.value, tick!.checked]).toEqual(['24', true]);
    act(() => fields.unmount());
    place.remove();
  });

  it('comes at once where it is asked for, and is not drawn twice', () => {
    act(() => void rename('Other'));
    act(showNow);
    expect(seen).toEqual(['Tub', 'Other']);
    expect(vi.getTimerCount()).toBe(0);
  });

  it('shows another build at once, and nothing of the one before it later', () => {
    act(() => void rename('Other'));
    tasks(1);
    act(() => openInStore('next', { ...tub(), name: 'Next' }));
    expect(seen.at(-1)).toBe('Next');
    expect(vi.getTimerCount()).toBe(0);
  });

  it('shows an edit whose check fails: the screen tells why', () => {
    beforeShowing(() => {
      throw new Error('no check');
    });
    act(() => void rename('Other'));
    expect(() => tasks(1)).toThrow('no check');
    tasks(1);
    expect(seen.at(-1)).toBe('Other');
  });
});
