import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { BuildIndex, portKey } from '../../model/plan/build-index';
import { goes, plugTargets } from './plug-targets';

const free = new BuildIndex(
  tub({
    extra: [
      { id: 'pan', name: 'pan servo', part: 'servo-micro-52' },
      { id: 'winch', name: 'winch', part: 'servo-winch' },
    ],
  }),
).freePorts();
const at = (key: string) => free.find((freePort) => portKey(freePort.ref) === key)!;

describe('plugTargets', () => {
  it('are free ports of other parts for the same use, the ones that go together first', () => {
    const targets = plugTargets(free, at('pan.lead'));
    expect(targets.map((freePort) => freePort.ref.fitting)).not.toContain('pan');
    expect(targets.every((freePort) => freePort.port.use === 'servo')).toBe(true);
    expect(targets[0]?.ref.fitting).toBe('rx');
    const misses = targets.map((freePort) => !goes(freePort, at('pan.lead')));
    expect(misses).toEqual([...misses].sort((a, b) => Number(a) - Number(b)));
    expect(misses).toContain(true);
  });
});
