// @vitest-environment jsdom
import { act, createElement } from 'react';
import { createRoot } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import type { Build } from '../../core/plan/build';
import { openInStore, useBuildStore } from './build-store';
import { showEachChange, showNow, useBuildPart } from './shown-build';

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
let unmount: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
  stop = showEachChange(prepare);
  openInStore(crypto.randomUUID(), { ...tub(), name: 'Tub' });
  seen = [];
  const root = createRoot(document.createElement('div'));
  act(() => root.render(createElement(Name)));
  unmount = () => act(() => root.unmount());
});

afterEach(() => {
  unmount();
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

  it('is up to date before a hand does anything else', () => {
    act(() => void rename('Other'));
    let whenPressed = '';
    document.body.addEventListener('click', () => (whenPressed = seen.at(-1)!), { once: true });
    act(() => document.body.click());
    expect(whenPressed).toBe('Other');
    expect(vi.getTimerCount()).toBe(0);
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
    stop();
    stop = showEachChange(() => {
      throw new Error('no check');
    });
    act(() => void rename('Other'));
    expect(() => tasks(1)).toThrow('no check');
    tasks(1);
    expect(seen.at(-1)).toBe('Other');
  });
});
