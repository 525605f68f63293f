import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../tests/kit/any-build';
import { demoBuild } from '../../../tests/kit/demo-builds';
import { tub } from '../../../tests/kit/tub';
import type { Harm } from '../faults/fault';
import type { Build } from '../plan/build';
import { Arming } from './arming';
import { LiveBench, type Hands } from './live-bench';
import type { LiveView } from './live-view';

/** Somebody at a bench: switches, sticks and seconds. */
function person(build: Build, harm?: Harm) {
  const bench = new LiveBench(build, harm);
  const sticks = new Map<string, number>();
  let hands: Hands = { isTransmitterOn: true, isPackIn: true, sticks, held: undefined };
  const tones: string[] = [];
  let view: LiveView = bench.step(0, hands);
  return {
    bench,
    tones,
    set: (change: Partial<Hands>) => (hands = { ...hands, ...change }),
    stick: (id: string, value: number) => sticks.set(id, value),
    wait: (seconds: number) => {
      for (let left = seconds; left > 1e-9; left -= 0.05) {
        view = bench.step(0.05, hands);
        tones.push(...view.tones.map(({ controller, tone }) => `${controller} ${tone.means}`));
      }
    },
    part: (id: string) => view.parts.find((part) => part.id === id)!,
    view: () => view,
  };
}

describe('a controller', () => {
  it('tells power, as many cells as there are, and armed; and beeps on while its stick stands elsewhere', () => {
    const { tones, wait, part } = person(tub());
    wait(4);
    expect(tones).toEqual(['esc power', 'esc cell', 'esc cell', 'esc cell', 'esc armed']);
    expect(part('esc').state).toBe('armed');
    const early = person(tub());
    early.stick('drive', 0.6);
    early.wait(4);
    expect(early.tones.slice(-2)).toEqual(['esc waiting', 'esc waiting']);
    expect(early.part('motor').value).toBe(0);
    early.stick('drive', 0);
    early.wait(2);
    expect(early.part('esc').state).toBe('armed');
  });

  it('drives its motor by the stick once it is armed, with amps from the solved network', () => {
    const { stick, wait, part, view } = person(tub());
    wait(4);
    const still = view().packAmps;
    stick('drive', 0.5);
    wait(0.2);
    expect(part('motor')).toMatchObject({ state: 'ahead', value: 0.5 });
    expect(part('motor').amps).toBeGreaterThan(0.3);
    expect(view().packAmps).toBeGreaterThan(still);
    stick('drive', -0.5);
    wait(0.2);
    expect(part('motor').state).toBe('astern');
  });

  it('forgets that it was armed when the pack goes out', () => {
    const arming = new Arming(2);
    for (let n = 0; n < 60; n += 1) arming.step(0.05, true, true);
    expect(arming.isArmed).toBe(true);
    arming.step(0.05, false, true);
    expect(arming.isArmed).toBe(false);
    expect(arming.step(0.5, true, true).map(({ means }) => means)).toEqual(['power']);
  });
});

describe('a servo', () => {
  it('follows its stick as fast as its sheet says, and stops where its pulse ends', () => {
    const { stick, wait, part } = person(tub());
    wait(2);
    stick('steer', 1);
    wait(0.05);
    const soon = part('rudder').value;
    expect(soon).toBeGreaterThan(2);
    wait(2);
    expect(part('rudder')).toMatchObject({ state: 'still', value: 50 });
    expect(soon).toBeLessThan(50);
  });

  it('that is held burns in half a minute, and says why; for a second it does not', () => {
    const { stick, wait, part, set } = person(tub());
    wait(2);
    stick('steer', 1);
    set({ held: 'rudder' });
    wait(1);
    expect(part('rudder').burnt).toBeUndefined();
    wait(30);
    expect(part('rudder')).toMatchObject({
      state: 'burnt',
      burnt: expect.stringContaining('stall amps') as string,
    });
  });

  it('over its volts burns in seconds: the monitor of the tug as first planned', () => {
    const { wait, part } = person(demoBuild('harbour-tug-as-planned'));
    wait(8);
    expect(part('monitor-pan').burnt).toMatch(/6\.\d V on it, and it stands 5\.\d V|5\.9 V on it/);
    expect(part('starboard-rudder').state).toBe('no power');
  });
});

describe('the link', () => {
  it('lost: what holds stays where it was, the drive stops where its fail-safe says', () => {
    const build: Build = { ...tub(), channels: [{ channel: 3, failSafe: 'position', failSafePercent: 0 }] };
    const { stick, wait, part, set } = person(build);
    wait(4);
    stick('drive', 1);
    stick('steer', 1);
    wait(2);
    expect(part('motor').value).toBe(1);
    set({ isTransmitterOn: false });
    wait(1);
    expect(part('rx').state).toBe('searches');
    expect(part('motor').value).toBe(0);
    expect(part('rudder').value).toBe(50);
  });

  it('never there: nothing moves, and a meter finds the volts all the same', () => {
    const { bench, stick, wait, part } = person(tub(), { isUnbound: true });
    stick('steer', 1);
    wait(2);
    expect(part('rudder').value).toBe(0);
    expect(bench.meter({ fitting: 'rudder', net: 'plus' }, { fitting: 'rudder', net: 'minus' })).toBeCloseTo(
      6,
      0,
    );
  });
});

it('any build lives, worked by any controls, with the pack in and out', () => {
  const acts = fc.array(
    fc.record({
      stick: fc.nat({ max: 20 }),
      value: fc.double({ min: -1, max: 1, noNaN: true }),
      isPackIn: fc.boolean(),
    }),
    { maxLength: 6 },
  );
  fc.assert(
    fc.property(runs, acts, (all, moves) => {
      const build = changed(all);
      const { set, stick, wait, view } = person(build);
      for (const { stick: n, value, isPackIn } of moves) {
        const moved = build.functions[n % Math.max(1, build.functions.length)];
        if (moved) stick(moved.id, value);
        set({ isPackIn });
        wait(0.3);
      }
      for (const part of view().parts)
        expect(Number.isFinite(part.volts) && Number.isFinite(part.value), part.name).toBe(true);
      expect(Number.isFinite(view().packAmps)).toBe(true);
    }),
    { numRuns: 12 },
  );
});
