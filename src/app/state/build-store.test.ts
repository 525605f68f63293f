// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import type { Edit } from '../../core/model/plan/edits';
import { openInStore, useBuildStore } from './build-store';
import { useRefusal } from './refusal-store';
import { revisionOf } from './revision';
import { openSeen, repository, saveEachChange, useSaveState } from './saving';
import { checkOf } from './use-check';

const volts = (value: number): Edit[] => [{ type: 'setRegulatorVolts', fitting: 'esc', volts: value }];
const voltsNow = () =>
  useBuildStore.getState().build!.fittings.find((fitting) => fitting.id === 'esc')!.regulatorVolts;
const history = () => useBuildStore.temporal.getState();

beforeEach(() => openInStore('key', tub()));

describe('the open build', () => {
  it('is undone and done again, change by change, with their words', () => {
    const { apply } = useBuildStore.getState();
    apply('to five', volts(5));
    apply('back to six', volts(6));
    history().undo();
    expect([voltsNow(), useBuildStore.getState().lastAction]).toEqual([5, 'to five']);
    history().undo();
    expect(voltsNow()).toBe(6);
    expect(history().pastStates).toEqual([]);
    history().redo();
    expect(voltsNow()).toBe(5);
  });

  it('forgets what was undone once something else is done', () => {
    const { apply } = useBuildStore.getState();
    apply('to five', volts(5));
    history().undo();
    apply('rename', [{ type: 'rename', name: 'Other tub' }]);
    expect(history().futureStates).toEqual([]);
    expect(voltsNow()).toBe(6);
  });

  it('starts with no history, so that undo never brings another build back', () => {
    useBuildStore.getState().apply('to five', volts(5));
    openInStore('other', { ...tub(), name: 'Other' });
    expect(history().pastStates).toEqual([]);
    history().undo();
    expect(useBuildStore.getState().build!.name).toBe('Other');
  });

  it('stays as it was where an edit names what is not there', () => {
    const before = useBuildStore.getState().build;
    const { apply } = useBuildStore.getState();
    expect(apply('wrong', [...volts(5), { type: 'removeLead', lead: 'ghost' }])).toBe(false);
    expect(useRefusal.getState().refusal).toMatchObject({ title: 'Not done: wrong' });
    expect(useRefusal.getState().refusal?.why).toContain('ghost');
    expect(useBuildStore.getState().build).toBe(before);
    expect(history().pastStates).toEqual([]);
  });

  it.each([
    ['volts that no regulator has', volts(2500), 'regulatorVolts'],
    ['a line break in its name', [{ type: 'rename', name: 'Tub\n.shell' }], 'control characters'],
    [
      'an id past its length',
      [{ type: 'addFunction', function: { ...tub().functions[0]!, id: 'f'.repeat(61) } }],
      'id',
    ],
  ] satisfies [string, Edit[], string][])('refuses %s, and says where', (_, edits, why) => {
    const before = useBuildStore.getState().build;
    expect(useBuildStore.getState().apply('change', edits)).toBe(false);
    expect(useRefusal.getState().refusal?.why).toContain(why);
    expect(useBuildStore.getState().build).toBe(before);
  });

  it('keeps a tick and its reading, whatever is undone on paper', () => {
    const { apply } = useBuildStore.getState();
    apply('to five', volts(5));
    const tick = { step: 'measure-rest', said: 'Measure', reading: 5.02, on: '2026-11-26T08:00:00.000Z' };
    apply('tick', [{ type: 'tick', tick }]);
    expect(history().pastStates).toHaveLength(1);
    history().undo();
    expect([voltsNow(), useBuildStore.getState().build!.ticks]).toEqual([6, [tick]]);
    history().redo();
    expect([voltsNow(), useBuildStore.getState().build!.ticks]).toEqual([5, [tick]]);
    apply('untick', [{ type: 'untick', step: 'measure-rest' }]);
    history().undo();
    expect(useBuildStore.getState().build!.ticks).toEqual([]);
  });

  it('makes no entry in its history for what changes nothing', () => {
    expect(useBuildStore.getState().apply('to six', volts(6))).toBe(true);
    expect(history().pastStates).toEqual([]);
  });
});

describe('saving', () => {
  let stop = () => {};
  afterEach(() => stop());

  async function settled(): Promise<void> {
    await expect.poll(() => useSaveState.getState().state).toBe('saved');
  }

  it('writes each change to its own record, the last one last', async () => {
    const key = await repository.add(tub());
    openSeen(key, { build: tub(), revision: 1 });
    stop = saveEachChange();
    const { apply } = useBuildStore.getState();
    for (const value of [5, 6, 5]) apply('volts', volts(value));
    expect(useSaveState.getState().state).toBe('saving');
    await settled();
    const read = await repository.load(key);
    expect(read.ok && read.value).toEqual(useBuildStore.getState().build);
  });

  it('does not write one build into the record of another that is opened', async () => {
    const [first, second] = [await repository.add(tub()), await repository.add({ ...tub(), name: 'Second' })];
    openSeen(first, { build: tub(), revision: 1 });
    stop = saveEachChange();
    openSeen(second, { build: { ...tub(), name: 'Second' }, revision: 1 });
    useBuildStore.getState().apply('rename', [{ type: 'rename', name: 'Second, changed' }]);
    await settled();
    const [read, other] = [await repository.load(first), await repository.load(second)];
    expect([read.ok && read.value.name, other.ok && other.value.name]).toEqual(['Tub', 'Second, changed']);
  });
});

describe('what is worked out for a build', () => {
  it('is worked out once for each value it has had', () => {
    const build = tub();
    const other = { ...build, name: 'Other' };
    expect(checkOf(build)).toBe(checkOf(build));
    expect(checkOf(other)).not.toBe(checkOf(build));
    expect(revisionOf(build)).toBe(revisionOf(build));
    expect(revisionOf(other)).not.toBe(revisionOf(build));
  });
});
