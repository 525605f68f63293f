import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { filming } from '../../../../tests/kit/filming';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { foldedGroup, foldGroups } from './fold';
import { loomGroups } from './loom-groups';
import { loomModel } from './loom-model';

function groupsOf(build: Build) {
  const context = readingOf(build, []);
  return loomGroups(context, loomModel(context));
}
const partsOf = (build: Build, id: string) =>
  groupsOf(build)
    .find((group) => group.id === id)
    ?.parts.sort();
function fold(build: Build, ...ids: string[]) {
  const context = readingOf(build, []);
  const model = loomModel(context);
  const groups = loomGroups(context, model);
  return foldGroups(
    model,
    ids.map((id) => groups.find((group) => group.id === id)!),
  );
}

describe('groups of the wiring picture', () => {
  it('are the parts of a function with what hangs on them alone', () => {
    expect(partsOf(tub(), 'function:drive')).toEqual(['esc', 'motor']);
    // The rudder hangs on the receiver, which is not its alone: one part is no group.
    expect(partsOf(tub(), 'function:steer')).toBeUndefined();
    const tug = demoBuild('harbour-tug');
    expect(partsOf(tug, 'function:steering')).toEqual(
      expect.arrayContaining(['port-rudder', 'starboard-rudder']),
    );
  });

  it('are the rail with its regulators, and what hangs on one part, by its name', () => {
    const tug = demoBuild('harbour-tug');
    const rail = partsOf(tug, 'rail')!;
    expect(rail).toEqual(expect.arrayContaining(['receiver', 'radio-bec']));
    expect(rail).not.toContain('tow-pack');
    expect(groupsOf(tug).find(({ id }) => id === 'on:receiver')?.name).toBe('On the receiver');
  });

  it('hold both receivers of a camera with a radio of its own', () => {
    expect(partsOf(filming({ protocol: 'ness link' }), 'rail')).toEqual(['camera-rx', 'rx']);
  });

  it('do not grow round a ring of wires', () => {
    const build = tub({
      extra: [
        { id: 'y', name: 'Y-lead', part: 'y-lead' },
        { id: 'y2', name: 'Y-lead 2', part: 'y-lead' },
      ],
      leads: [
        ['y.out 1', 'y2.in'],
        ['y2.out 1', 'y.in'],
      ],
    });
    expect(() => groupsOf(build)).not.toThrow();
  });
});

describe('a folded box', () => {
  it('has a row for every plug that leads out of it, and hides the leads inside', () => {
    const { nodes, leads } = fold(tub(), 'function:drive');
    const box = nodes.find(({ id }) => foldedGroup(id) === 'function:drive')!;
    expect(box.title).toBe('Drive');
    expect(box.parts).toEqual(['esc', 'motor']);
    expect(box.ports.map(({ stands }) => [stands?.fitting, stands?.port]).sort()).toEqual([
      ['esc', 'lead'],
      ['esc', 'power'],
    ]);
    expect(leads.some(({ id }) => id.startsWith('esc-motor'))).toBe(false);
    expect(leads.filter(({ source, target }) => [source.node, target.node].includes(box.id))).toHaveLength(2);
  });

  it('keeps a row for a port that is free, so that something can be plugged in', () => {
    const pulled = applyEdits(tub(), [{ type: 'removeLead', lead: 'esc-lead--rx-3' }]);
    const box = fold(pulled, 'function:drive').nodes.find(({ id }) => foldedGroup(id) !== undefined)!;
    expect(box.ports.find(({ stands }) => stands?.port === 'lead')).toMatchObject({ used: false });
  });

  it('takes each part once, whatever is folded first', () => {
    const tug = demoBuild('harbour-tug');
    const ids = groupsOf(tug).map(({ id }) => id);
    for (const order of [ids, [...ids].reverse()]) {
      const { nodes } = fold(tug, ...order);
      const all = nodes.flatMap(({ id, parts }) => parts ?? [id]);
      expect(new Set(all).size).toBe(all.length);
      expect(all).toHaveLength(loomModel(readingOf(tug, [])).nodes.length);
    }
  });
});
