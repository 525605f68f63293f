import { describe, expect, it } from 'vitest';
import { OverAmps } from './over-amps';

/** Amps that flow for some seconds each, one after another, looked at in steps of a tenth. */
function watched(flow: readonly (readonly [amps: number, seconds: number])[]) {
  let amps = 0;
  const watcher = new OverAmps({ id: 'esc', name: 'controller', lasting: 20, blink: 60 }, () => amps);
  let time = 0;
  for (const [now, seconds] of flow) {
    amps = now;
    for (let n = 0; n < seconds * 10; n += 1)
      watcher.look({ time: (time += 0.1), step: 0.1, x: new Float64Array() });
  }
  return watcher.events();
}

describe('amps through a part', () => {
  it('over its burst are told at once, with the most that flowed and what it stands', () => {
    const [burst, ...more] = watched([
      [5, 3],
      [247, 0.5],
      [5, 3],
    ]).filter(({ kind }) => kind === 'overBurst');
    expect(more).toEqual([]);
    expect(burst).toMatchObject({ subject: 'esc', amps: 247, limit: 60 });
    expect(burst!.words).toContain('carries 247.0 A');
  });

  it('over what it carries for long are told once they last, and not for a moment', () => {
    expect(
      watched([
        [5, 10],
        [40, 1],
        [5, 10],
      ]),
    ).toEqual([]);
    const [lasting] = watched([
      [5, 10],
      [40, 30],
    ]);
    expect(lasting).toMatchObject({ kind: 'overLasting', limit: 20 });
    expect(lasting!.at).toBeGreaterThan(11);
    expect(lasting!.at).toBeLessThan(16);
  });

  it('braking backwards count alike', () => {
    expect(watched([[-80, 0.5]]).map(({ kind }) => kind)).toEqual(['overBurst']);
  });
});
