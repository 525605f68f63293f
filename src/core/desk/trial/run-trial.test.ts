import { describe, expect, it } from 'vitest';
import { demoBuild, demoNames } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { readingOf } from '../../reading/build-reading/reading';
import { starterLocker } from '../../model/starter/starter-locker';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { trialFindings } from './trial-findings';
import { usualTask, type TrialTask } from './trial-task';
import { verdictOf } from './verdict';

function trial(build: Build, outingId = 'full-lock-reversals', change: Partial<TrialTask> = {}) {
  const outing = outingsOf(build).find((candidate) => candidate.id === outingId)!;
  const run = runTrial(readingOf(build, starterLocker), { ...usualTask(outing), ...change });
  if (!run.ok) throw new Error(JSON.stringify(run.problem));
  return run.value;
}

describe('a second receiver', () => {
  const twoReceivers = (pack: string) =>
    tub({
      extra: [
        { id: 'pack2', name: 'camera pack', part: pack },
        { id: 'rx2', name: 'camera receiver', part: 'receiver-8-skerry' },
        { id: 'pan', name: 'pan servo', part: 'servo-strong' },
        { id: 'tilt', name: 'tilt servo', part: 'servo-strong' },
      ],
      leads: [
        ['pack2.out', 'rx2.B'],
        ['pan.lead', 'rx2.5'],
        ['tilt.lead', 'rx2.6'],
      ],
      moreFunctions: [
        { id: 'pan', name: 'Pan', role: 'mechanism', wants: 'staying', channel: 5, devices: ['pan'] },
        { id: 'tilt', name: 'Tilt', role: 'mechanism', wants: 'staying', channel: 6, devices: ['tilt'] },
      ],
    });

  it('browns out by itself, on dry cells that sag under two strong servos, and is named', () => {
    const { events, figures, seconds } = trial(twoReceivers('pack-dry-4'));
    const down = events.filter(({ kind }) => kind === 'brownOut');
    expect(new Set(down.map(({ subject }) => subject))).toEqual(new Set(['rx2']));
    expect(figures.railMinVolts).toBeLessThan(figures.floorVolts);
    expect(figures.secondsDown).toBeLessThan(seconds);
    expect(verdictOf(trial(twoReceivers('pack-dry-4'))).words).toMatch(/^The camera receiver browns out/);
  });

  it('stays up on cells that can', () => {
    const result = trial(twoReceivers('pack-nimh-5-2000-3c'));
    expect(result.events.filter(({ kind }) => kind === 'brownOut')).toEqual([]);
    expect(verdictOf(result)).toMatchObject({ tone: 'good' });
  });
});

describe('the harbour tug', () => {
  it('as first planned browns out on full-lock reversals, and says why', () => {
    const result = trial(demoBuild('harbour-tug-as-planned'));
    expect(result.figures.brownOuts).toBeGreaterThan(3);
    expect(result.figures.railMinVolts).toBeLessThan(result.figures.floorVolts);
    const { words, tone } = verdictOf(result);
    expect(tone).toBe('bad');
    expect(words).toContain('The receiver browns out');
    expect(words).toContain('the BEC of the port controller, 2.0 A');
  });

  it('put right does not', () => {
    const result = trial(demoBuild('harbour-tug'));
    expect(result.events).toEqual([]);
    expect(result.figures.railMinVolts).toBeGreaterThan(4.5);
    expect(verdictOf(result)).toMatchObject({ tone: 'good' });
  });

  it('is the same every time', () => {
    const [result, other] = [
      trial(demoBuild('harbour-tug-as-planned')),
      trial(demoBuild('harbour-tug-as-planned')),
    ];
    expect(other).toEqual(result);
  });

  it('tells the wells when, how long and what would put it right', () => {
    const build = demoBuild('harbour-tug-as-planned');
    const context = readingOf(build, starterLocker);
    const [first, ...others] = trialFindings(context, trial(build), 'Full-lock reversals');
    expect(others.length).toBeGreaterThan(0);
    const down = [first!, ...others].find((finding) => finding.rule === 'trial-brown-out')!;
    expect(down).toMatchObject({ severity: 'stop', well: 'voltage', limit: 3.8, unit: 'V' });
    expect(down.actual).toBeLessThan(3.8);
    expect(down.text).toMatch(
      /^The receiver browns out \d+ times, first at \d\.\d s, for \d+\.\d s, on the outing/,
    );
    expect(down.patches.map((patch) => patch.id)[0]).toMatch(/^stand-alone-bec:/);
  });
});

describe('an outing', () => {
  it.each(demoNames.flatMap((name) => outingsOf(demoBuild(name)).map((outing) => [name, outing.id])))(
    'of %s can be followed: %s',
    (name, outingId) => {
      const result = trial(demoBuild(name), outingId);
      expect(result.rails.length).toBeGreaterThan(0);
      for (const line of [...result.rails, ...result.amps, ...result.charge, ...result.heat, result.speed])
        expect(line.values.every(Number.isFinite), line.name).toBe(true);
      expect(result.figures.chargeUsed).toBeGreaterThan(0);
    },
  );

  it.each(Object.entries(soundBuilds))('on a sound build browns nothing out: %s', (_, build) => {
    const result = trial(build, 'pottering' in build ? 'pottering' : outingsOf(build)[1]!.id);
    expect(result.events.filter((event) => event.kind === 'brownOut')).toEqual([]);
  });

  it('uses as much charge as flows out of the pack', () => {
    const build = tub();
    const outing = straightOuting(build, 60, 1);
    const { figures, charge } = trial(build, '', { outing });
    expect(figures.chargeUsed * 4 * 3600).toBeCloseTo(figures.meanPackAmps * 60, 3);
    expect(charge[0]!.values[0]).toBeCloseTo(0.9, 2);
    expect(charge[0]!.values.at(-1)).toBeCloseTo(0.9 - figures.chargeUsed, 6);
  });

  it('draws what the motor’s sheet says at full throttle under its usual load', () => {
    const build = tub();
    const { amps, figures } = trial(build, '', { outing: straightOuting(build, 20, 1), charge: 0.5 });
    const motor = amps.find((line) => line.id === 'motor')!;
    // The sheet's 8.2 A are for a nominal pack; at half charge it stands a little above.
    expect(motor.values.at(-1)!).toBeGreaterThan(7.5);
    expect(motor.values.at(-1)!).toBeLessThan(9);
    expect(figures.topSpeed).toBeGreaterThan(1);
  });

  it('draws more for more work, and on a colder and older pack sags deeper', () => {
    const build = tub();
    const usual = trial(build, '', { outing: straightOuting(build, 10, 1) });
    const hard = trial(build, '', { outing: straightOuting(build, 10, 1, 2) });
    const cold = trial(build, '', { outing: straightOuting(build, 10, 1), air: -5, age: 2 });
    expect(hard.figures.meanPackAmps).toBeGreaterThan(usual.figures.meanPackAmps * 1.005);
    const lowest = (result: typeof usual) => Math.min(...[...result.cells[0]!.values].slice(100));
    expect(lowest(cold)).toBeLessThan(lowest(usual) - 0.05);
  });

  it('is cut off by its controller when the pack runs down, and warms its motor', () => {
    const build = tub();
    const { events, heat } = trial(build, '', { outing: straightOuting(build, 120, 1), charge: 0.03 });
    const cut = events.find((event) => event.kind === 'cutOff');
    expect(cut).toMatchObject({ subject: 'esc' });
    expect(cut!.at).toBeGreaterThan(1.5);
    const motor = heat.find((heatSeries) => heatSeries.id === 'motor')!;
    expect(Math.max(...motor.values)).toBeGreaterThan(20.5);
  });

  it('stops when it is asked to', () => {
    const build = tub();
    let looks = 0;
    const run = runTrial(readingOf(build, []), usualTask(outingsOf(build)[1]!), {
      onProgress: () => (looks += 1) < 3,
    });
    expect(run).toEqual({ ok: false, problem: { reason: 'stopped' } });
    expect(looks).toBe(3);
  });

  it('takes what no sheet states for what is usual, and says so', () => {
    const build = tub({
      sheets: { 'servo-micro-60': (part) => ({ ...part, sheet: [] }) as never },
    });
    const { missing, estimates, amps } = trial(build);
    expect(missing).toEqual([]);
    const stall = estimates.find(({ words }) => words === 'stall amps of the rudder')!;
    expect(stall.note).toContain('usual for');
    expect(stall.most / stall.least).toBeGreaterThan(3);
    expect(Math.max(...amps.find(({ id }) => id === 'rudder')!.values)).toBeGreaterThan(0.1);
  });

  it('tells no part more amps than the packs give, also where the receiver restarts', () => {
    const { amps, figures, slices, events } = trial(demoBuild('harbour-tug-as-planned'));
    expect(events.some((event) => event.kind === 'brownOut')).toBe(true);
    const most = Math.max(
      ...Array.from({ length: slices }, (_, n) => amps.reduce((sum, line) => sum + line.values[n]!, 0)),
    );
    // Parts on a rail take their amps at lower volts than the pack's, so their sum is somewhat above it.
    expect(most).toBeLessThan(1.3 * figures.mostPackAmps);
  });

  it('of a build without a pack never wakes', () => {
    const build = tub();
    const bare = {
      ...build,
      fittings: build.fittings.filter((fitting) => fitting.id !== 'pack'),
      leads: build.leads.filter((lead) => lead.from.fitting !== 'pack'),
    };
    const { figures, events } = trial(bare);
    expect(events).toMatchObject([{ kind: 'neverWakes' }]);
    expect(figures.mostPackAmps).toBe(0);
  });
});
