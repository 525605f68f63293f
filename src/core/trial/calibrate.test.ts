import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../tests/kit/demo-builds';
import { knownModels } from '../../../tests/kit/known-models';
import { checkContext } from '../check/check-context';
import { applyEdits } from '../plan/edits';
import { calibrate, type Reading } from './calibrate';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';

const modelOf = (name: string) => knownModels.find(({ build }) => build.name.startsWith(name))!.build;
const on = '2026-11-26T08:00:00.000Z';
const read = (name: string, reading: Reading, value: number) => {
  const build = modelOf(name);
  const long = outingsOf(build).find(({ id }) => id === 'long')!;
  const task = usualTask({ ...long, seconds: 500 });
  return { build, task, found: calibrate(build, task, reading, value, on) };
};

describe('a reading on the real model', () => {
  it.each([
    ['touring', 'motorCelsius', 76],
    ['launch', 'topSpeed', 4.4],
    ['haulage', 'runMinutes', 60],
    ['crawler', 'fullAmps', 2.2],
  ] as const)('of the %s, %s %d, moves one estimate until the Trial gives it', (name, reading, value) => {
    const { build, task, found } = read(name, reading, value);
    if (!found.ok) throw new Error(found.problem);
    const { measured, before } = found.value;
    expect(measured.factor).not.toBe(1);
    expect(Math.abs(before / value - 1)).toBeGreaterThan(0.05);
    const after = applyEdits(build, [{ type: 'measure', measured }]);
    const again = calibrate(after, task, reading, value, on);
    if (!again.ok) throw new Error(again.problem);
    // What was measured is met: nothing is left to move.
    expect(again.value.measured.factor / measured.factor).toBeCloseTo(1, 1);
    expect(Math.abs(again.value.before / value - 1)).toBeLessThan(0.03);
  });

  it('is told as measured, with what was read, and can be forgotten', () => {
    const { build, task, found } = read('touring', 'motorCelsius', 76);
    if (!found.ok) throw new Error(found.problem);
    const after = applyEdits(build, [{ type: 'measure', measured: found.value.measured }]);
    const run = runTrial(checkContext(after, []), task);
    const moved = run.ok && run.value.estimates.find(({ key }) => key === found.value.measured.estimate);
    expect(moved).toMatchObject({ note: 'measured: motor after this outing 76 °C', least: 0.93 });
    const forgotten = applyEdits(after, [
      { type: 'forgetMeasured', estimate: found.value.measured.estimate },
    ]);
    expect(forgotten.measured).toEqual([]);
  });

  it('that nothing explains is refused, with why', () => {
    expect(read('launch', 'topSpeed', 150).found).toMatchObject({ ok: false });
    const yacht = demoBuild('salt-flat-yacht');
    const task = usualTask(outingsOf(yacht)[0]!);
    expect(calibrate(yacht, task, 'motorCelsius', 50, on)).toEqual({
      ok: false,
      problem: 'the Trial does not tell this figure here',
    });
  });

  it('goes with the part that it was read on', () => {
    const build = modelOf('touring');
    const measured = { estimate: 'motor.cooling', factor: 1.3, said: 'motor after this outing 66 °C', on };
    const after = applyEdits(build, [{ type: 'measure', measured }]);
    const motor = build.parts.find((part) => part.kind === 'motor')!;
    const other = { ...motor, id: 'another motor' };
    expect(applyEdits(after, [{ type: 'swapPart', fitting: 'motor', part: other }]).measured).toEqual([]);
    expect(applyEdits(after, [{ type: 'removeFitting', fitting: 'motor' }]).measured).toEqual([]);
    expect(applyEdits(after, [{ type: 'removeFitting', fitting: 'servo' }]).measured).toEqual([measured]);
  });
});
