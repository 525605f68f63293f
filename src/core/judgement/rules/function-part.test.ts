import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { checkBuild } from '../check/check-build';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import type { Finding } from '../findings/finding';
import type { ModelFunction } from '../../model/plan/model-function';
import { functionPart } from './function-part';

const horn: ModelFunction = {
  id: 'horn',
  name: 'Horn',
  role: 'sound',
  wants: 'momentary',
  control: 'button',
  channel: 6,
  devices: [],
};
const asked = (...moreFunctions: ModelFunction[]) =>
  checkBuild(tub({ moreFunctions }), []).unknowns.filter(({ rule }) => rule === functionPart.meta.id);

describe('functions', () => {
  it('are asked what works them', () => {
    expect(asked()).toEqual([]);
    expect(asked(horn)).toMatchObject([
      { missing: 'which part works the function Horn', subjects: [{ kind: 'function', id: 'horn' }] },
    ]);
  });
});

describe('the steering of a tracked machine', () => {
  const [, drive] = tub().functions;
  const tracked = (change: object = {}) => ({
    ...tub({
      extra: [{ id: 'esc-2', name: 'right controller', part: 'controller-brushed-30-switching' }],
      leads: [['esc-2.lead', 'rx.2']],
      functions: { steer: { devices: [] } },
      moreFunctions: [{ ...drive!, id: 'right', name: 'Right track', channel: 2, devices: ['esc-2'] }],
    }),
    model: 'tracked machine' as const,
    ...change,
  });
  const said = (build: Build) => {
    const { findings, unknowns } = checkBuild(build, []);
    return [...findings, ...unknowns].filter(({ rule }) => rule === functionPart.meta.id);
  };

  it('is a stop where it reaches no track, and known where it is mixed in', () => {
    const [stop, ...more] = said(tracked());
    expect(more).toEqual([]);
    expect(stop).toMatchObject({ severity: 'stop', actual: 0, limit: 2 });
    const right = applyEdits(tracked(), (stop as Finding).patches[0]!.edits);
    expect(said(right)).toEqual([]);
    expect(right.channels?.map(({ channel, mix }) => [channel, mix?.[0]?.percent])).toEqual([
      [2, -60],
      [3, 60],
    ]);
  });

  it('is asked for in a model without tracks', () => {
    expect(said(tracked({ model: 'car' }))).toMatchObject([
      { missing: 'which part works the function Steering' },
    ]);
  });
});

describe('a wish that is not planned yet', () => {
  it('keeps the Control well open, unless it is put off to a later stage', () => {
    const control = (change: Partial<ModelFunction>) =>
      checkBuild(tub({ moreFunctions: [{ ...horn, ...change }] }), []).wells.control;
    expect(control({})).toMatchObject({ state: 'hatched', unknown: 1 });
    expect(control({ stage: 2 })).toMatchObject({ state: 'dry', unknown: 0 });
  });
});
