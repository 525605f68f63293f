import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { BuildIndex, portKey } from '../survey/build-index';
import { goes, plugTargets } from './plug-targets';

const free = new BuildIndex(
  tub({
    extra: [
      { id: 'pan', name: 'pan servo', part: 'servo-micro-52' },
      { id: 'winch', name: 'winch', part: 'servo-winch' },
    ],
  }),
).freePorts();
const at = (key: string) => free.find((one) => portKey(one.ref) === key)!;

describe('plugTargets', () => {
  it('are free ports of other parts for the same use, the ones that go together first', () => {
    const targets = plugTargets(free, at('pan.lead'));
    expect(targets.map((one) => one.ref.fitting)).not.toContain('pan');
    expect(targets.every((one) => one.port.use === 'servo')).toBe(true);
    expect(targets[0]?.ref.fitting).toBe('rx');
    const misses = targets.map((one) => !goes(one, at('pan.lead')));
    expect(misses).toEqual([...misses].sort((a, b) => Number(a) - Number(b)));
    expect(misses).toContain(true);
  });
});
