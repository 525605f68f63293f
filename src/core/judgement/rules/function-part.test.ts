import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { checkBuild } from '../check/check-build';
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

describe('a wish that is not planned yet', () => {
  it('keeps the Control well open, unless it is put off to a later stage', () => {
    const control = (change: Partial<ModelFunction>) =>
      checkBuild(tub({ moreFunctions: [{ ...horn, ...change }] }), []).wells.control;
    expect(control({})).toMatchObject({ state: 'hatched', unknown: 1 });
    expect(control({ stage: 2 })).toMatchObject({ state: 'dry', unknown: 0 });
  });
});
