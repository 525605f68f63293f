import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub, withoutFigure } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import type { Harm } from '../faults/fault';
import type { Build } from '../../model/plan/build';
import type { Conductor } from '../../model/plan/lead';
import { stated } from '../../base/validation/figure';
import { starterPart } from '../../model/starter/starter-locker';
import { runTrial } from '../../desk/trial/run-trial';
import { usualTask } from '../../desk/trial/trial-task';
import { Arming } from './arming';
import type { Hands } from './hands';
import { LiveBench } from './live-bench';
import type { LiveView } from './live-view';

/** Somebody at a bench: switches, sticks and seconds. */
function person(build: Build, harm?: Harm) {
  const bench = new LiveBench(build, harm);
  const sticks = new Map<string, number>();
  let hands: Hands = { isTransmitterOn: true, isPackIn: true, sticks, held: undefined };
  const tones: string[] = [];
  const news: string[] = [];
  let view: LiveView = bench.step(0, hands);
  return {
    bench,
    tones,
    news,
    set: (change: Partial<Hands>) => (hands = { ...hands, ...change }),
    stick: (id: string, value: number) => sticks.set(id, value),
    wait: (seconds: number) => {
      for (let left = seconds; left > 1e-9; left -= 0.05) {
        view = bench.step(0.05, hands);
        news.push(...view.news);
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
    expect(early.part('motor').state).toBe('still');
    early.stick('drive', 0);
    early.wait(2);
    expect(early.part('esc').state).toBe('armed');
  });

  it('drives its motor by the stick once it is armed, with amps from the solved network', () => {
    const { stick, wait, part, view } = person(tub());
    wait(4);
    const still = view().packAmps;
    stick('drive', 0.5);
    wait(0.05);
    const soon = part('motor');
    wait(1);
    const turning = part('motor');
    expect(turning.state).toBe('ahead');
    // It comes up to speed, with more amps while it does.
    expect(soon.value).toBeLessThan(0.8 * turning.value);
    expect(soon.amps).toBeGreaterThan(2 * turning.amps!);
    expect(turning.value).toBeGreaterThan(0.4);
    expect(turning.value).toBeLessThan(0.6);
    expect(view().packAmps).toBeGreaterThan(still);
    stick('drive', -0.5);
    wait(1.5);
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
    expect(part('rudder').state).toBe('still');
    expect(part('rudder').value).toBeCloseTo(50, 0);
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
    expect(part('motor').value).toBeGreaterThan(0.9);
    set({ isTransmitterOn: false });
    wait(3);
    expect(part('rx').state).toBe('searches');
    expect(part('motor').state).toBe('still');
    expect(part('rudder').value).toBeCloseTo(50, 0);
  });

  it('that the radio is not set to is never there', () => {
    const { wait, part, set } = person(demoBuild('harbour-tug-as-planned'));
    wait(3);
    expect(part('receiver').state).toBe('searches');
    set({ isTransmitterOn: false });
    wait(1);
    expect(part('receiver').state).toBe('searches');
  });

  it('never there: nothing moves, and a meter finds the volts all the same', () => {
    const { bench, stick, wait, part } = person(tub(), { deaf: ['rx'] });
    stick('steer', 1);
    wait(2);
    expect(part('rudder').value).toBe(0);
    expect(bench.meter({ fitting: 'rudder', net: 'plus' }, { fitting: 'rudder', net: 'minus' })).toBeCloseTo(
      6,
      0,
    );
  });
});

describe('the solver in it', () => {
  it('sags while a servo is held, and lets it draw what it draws stalled', () => {
    const { bench, stick, wait, set, view } = person(tub());
    const rail = () =>
      bench.meter({ fitting: 'rudder', net: 'plus' }, { fitting: 'rudder', net: 'minus' }) ?? NaN;
    wait(2);
    const [still, restVolts] = [view().packAmps, rail()];
    stick('steer', 1);
    set({ held: 'rudder' });
    wait(1);
    const sheet = starterPart('servo-micro-60');
    const stall = sheet.kind === 'servo' ? sheet.sheet.at(-1)!.stallAmps!.value : NaN;
    // Six volts out of twelve: the pack gives about half of what the rail takes.
    expect(view().packAmps - still).toBeGreaterThan(0.35 * stall);
    expect(view().packAmps - still).toBeLessThan(0.85 * stall);
    expect(rail()).toBeLessThan(restVolts);
    set({ held: undefined });
    wait(2);
    expect(view().packAmps).toBeLessThan(still + 0.3 * stall);
  });

  it('restarts a receiver whose regulator gives too little for what is held, and tells it back', () => {
    const weak = tub({
      sheets: {
        'controller-brushed-30-switching': (part) =>
          part.kind === 'controller' && part.regulator
            ? { ...part, regulator: { ...part.regulator, maxAmps: stated(0.25) } }
            : part,
      },
    });
    const { stick, wait, set, part } = person(weak);
    wait(3);
    expect(part('rx').state).toBe('steady');
    stick('steer', 1);
    set({ held: 'rudder' });
    let least = Infinity;
    for (let n = 0; n < 8; n += 1) {
      wait(0.05);
      least = Math.min(least, part('rx').sag!.volts);
    }
    // Once it is down its servo is let go, and its volts are back at once.
    expect(part('rx').state).toBe('restarts');
    expect(least).toBeLessThan(part('rx').sag!.floor);
    expect(part('rx').sag!.volts).toBeGreaterThan(5);
    set({ held: undefined });
    wait(2);
    expect(part('rx').state).toBe('steady');
  });

  it('on the stand nothing goes anywhere; under way it gains speed, draws more and uses its pack', () => {
    const drive = (isUnderWay: boolean) => {
      const each = person(tub());
      each.set({ isUnderWay });
      each.wait(4);
      each.stick('drive', 1);
      each.wait(20);
      return each.view();
    };
    const [stand, way] = [drive(false), drive(true)];
    expect(stand.metresPerSecond).toBeUndefined();
    expect(way.metresPerSecond).toBeGreaterThan(0.5);
    expect(way.packAmps).toBeGreaterThan(2 * stand.packAmps);
    expect(way.charge).toBeLessThan(stand.charge!);
    const motor = (view: LiveView) => view.parts.find(({ id }) => id === 'motor')!;
    expect(motor(way).value).toBeLessThan(motor(stand).value);
    expect(motor(way).celsius).toBeGreaterThan(motor(stand).celsius!);
  });

  it('goes from the stand into the water with its pack in, and stays awake and armed', () => {
    const { wait, set, part, tones } = person(tub());
    wait(4);
    const before = tones.length;
    for (const isUnderWay of [true, false, true]) {
      set({ isUnderWay });
      for (let n = 0; n < 20; n += 1) {
        wait(0.05);
        expect([part('rx').state, part('esc').state]).toEqual(['steady', 'armed']);
      }
    }
    expect(tones).toHaveLength(before);
  });

  it('keeps what has run down and got warm when the model goes back on its stand', () => {
    const { wait, set, stick, part, view } = person(tub());
    set({ isUnderWay: true });
    wait(4);
    stick('drive', 1);
    wait(60);
    stick('drive', 0);
    wait(0.1);
    const [charge, celsius] = [view().charge!, part('motor').celsius!];
    expect(charge).toBeLessThan(0.899);
    expect(celsius).toBeGreaterThan(21);
    set({ isUnderWay: false });
    wait(0.2);
    expect(view().charge).toBeLessThanOrEqual(charge);
    expect(view().charge).toBeGreaterThan(charge - 1e-3);
    expect(Math.abs(part('motor').celsius! - celsius)).toBeLessThan(0.2);
    // Out and in again is a pack fresh off the charger, in a model that has cooled.
    set({ isPackIn: false });
    wait(1);
    set({ isPackIn: true });
    wait(1);
    expect(view().charge).toBeGreaterThan(0.899);
  });

  it('agrees with the trial on how fast a model goes and what it draws', () => {
    const build = demoBuild('harbour-tug');
    const context = readingOf(build, []);
    const drives = build.functions.filter(({ role }) => role === 'drive').map(({ id }) => id);
    const outing = {
      id: 'full',
      name: 'full ahead',
      seconds: 40,
      effort: 1,
      tracks: drives.map((id) => ({
        function: id,
        points: [
          [0, 0],
          [1, 1],
        ] as [number, number][],
      })),
    };
    const run = runTrial(context, usualTask(outing));
    if (!run.ok) throw new Error(run.problem.reason);
    const live = person(build);
    live.set({ isUnderWay: true });
    live.wait(4);
    for (const id of drives) live.stick(id, 1);
    live.wait(36);
    const trial = run.value.speed.values.at(-1)!;
    expect(Math.abs(live.view().metresPerSecond! - trial) / trial).toBeLessThan(0.03);
  });

  it('turns a motor the wrong way whose wires are swapped, and not at all with one off', () => {
    const lead = tub().leads.find(({ id }) => id.startsWith('esc-motor'))!;
    const wired = (change: (all: Conductor[]) => Conductor[]) => {
      const conductors = change(lead.conductors);
      const live = person(tub(), { edits: [{ type: 'setConductors', lead: lead.id, conductors }] });
      live.wait(4);
      live.stick('drive', 0.6);
      live.wait(1);
      return live.part('motor').state;
    };
    expect(wired((all) => all)).toBe('ahead');
    expect(
      wired(([a, b]) => [
        { ...a!, to: b!.to },
        { ...b!, to: a!.to },
      ]),
    ).toBe('astern');
    expect(wired(([a, b]) => [a!, { ...b!, state: 'lifted' }])).toBe('still');
  });

  it('turns a motor whose sheet is silent as one that is usual for its size', () => {
    const silent = tub({
      sheets: {
        'motor-brushed-620': (part) => withoutFigure('stallAmps')(withoutFigure('fullLoadAmps')(part)),
      },
    });
    const { stick, wait, part, view } = person(silent);
    wait(4);
    expect(part('motor').state).toBe('still');
    stick('drive', 0.6);
    wait(0.5);
    expect(part('motor').state).toBe('ahead');
    expect(part('motor').amps).toBeGreaterThan(0.1);
    expect(view().missing).toEqual([]);
  });

  it('tells once of a fuse that blows, and all behind it is dead, on the stand too', () => {
    const crawler = soundBuilds['crawler with a fuse and a hand switch']!;
    const thin: Build = {
      ...crawler,
      parts: crawler.parts.map((part) =>
        part.kind === 'cable' && part.form === 'fuse' ? { ...part, maxAmps: stated(0.4) } : part,
      ),
    };
    const live = person(thin);
    live.set({ isUnderWay: true });
    const drive = thin.functions.find(({ role }) => role === 'drive')!;
    live.wait(4);
    live.stick(drive.id, 1);
    live.wait(6);
    expect(live.news.filter((words) => words.includes('blows'))).toHaveLength(1);
    for (const isUnderWay of [true, false, true]) {
      live.set({ isUnderWay });
      live.wait(1);
      expect(live.view().packAmps).toBeCloseTo(0, 2);
      expect(live.view().parts.filter(({ kind }) => kind === 'receiver')[0]!.state).toBe('dark');
    }
    expect(live.news.filter((words) => words.includes('blows'))).toHaveLength(1);
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
        set({ isPackIn, isUnderWay: n % 2 === 0 });
        wait(0.3);
      }
      for (const part of view().parts)
        expect(Number.isFinite(part.volts) && Number.isFinite(part.value), part.name).toBe(true);
      expect(Number.isFinite(view().packAmps)).toBe(true);
      expect(view().isUnsettled).toBe(false);
    }),
    { numRuns: 12 },
  );
});
