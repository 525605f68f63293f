import { median } from 'd3-array';
import { randomLcg } from 'd3-random';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { readingOf } from '../../reading/build-reading/reading';
import { faultTable, type FaultTable } from './fault-table';
import { findFault, posterior } from './finder';
import { rehearseFault } from './rehearse-fault';

const builds = {
  tug: demoBuild('harbour-tug'),
  yacht: demoBuild('salt-flat-yacht'),
  tractor: demoBuild('field-tractor'),
  catamaran: demoBuild('survey-catamaran'),
  car: soundBuilds['brushless car']!,
  'tracked machine': soundBuilds['tracked machine, two controllers, one red wire in']!,
};
const tables = Object.values(builds).map((build) => faultTable(readingOf(build, [])));
const seeds = 200;

/** A fault of a table that shows, as likely as it is; the same seed gives the same one. */
function planted(table: FaultTable, random: () => number): string {
  for (;;) {
    let left = random() * table.faults.reduce((total, { weight }) => total + weight, 0);
    const fault = table.faults.find(({ weight }) => (left -= weight) < 0);
    if (fault && rehearseFault(table, fault.id, 0, 1).isNoticed) return fault.id;
  }
}

describe('the fault finder', () => {
  it(`finds the true cause first in nine of ten of ${seeds} planted faults, in four tests, none of them unsafe`, () => {
    const random = randomLcg(0.37);
    const runs = Array.from({ length: seeds }, (_, seed) => {
      const table = tables[seed % tables.length]!;
      const fault = planted(table, random);
      return { fault, ...rehearseFault(table, fault, 0.02, seed) };
    });
    const first = runs.filter(({ fault, ranking }) => ranking[0]!.fault.id === fault).length;
    const tests = runs.map(({ asked }) => asked.length);
    const unsafe = runs.flatMap(({ asked }) => asked).filter(({ isSafe }) => !isSafe).length;
    const minutes = runs.map(({ asked }) => asked.reduce((sum, each) => sum + each.minutes, 0));
    console.log(
      `fault finder: ${first} of ${seeds} first, median ${median(tests)} tests, ${median(minutes)!.toFixed(1)} min, ${unsafe} unsafe`,
    );
    expect(first).toBeGreaterThanOrEqual(0.9 * seeds);
    expect(median(tests)).toBeLessThanOrEqual(4);
    expect(unsafe).toBe(0);
  });

  it('asks with the pack out while power could burn something', () => {
    const table = tables[0]!;
    const red = table.faults.find(({ id }) => id.startsWith('red-in:'))!;
    expect(red.isHarmful).toBe(true);
    const held = findFault(
      { ...table, faults: table.faults.map((each) => (each === red ? { ...each, weight: 30 } : each)) },
      [],
    );
    expect(held.next?.isPowered).toBe(false);
    const released = findFault(
      { ...table, faults: table.faults.map((each) => ({ ...each, isHarmful: false })) },
      [],
    );
    expect(released.next?.isPowered).toBe(true);
  });

  it('counts the same test done again as half', () => {
    const table = tables[1]!;
    const { id: test } = table.tests.find((each) => each.id.startsWith('lamp:'))!;
    const column = table.tests.findIndex(({ id }) => id === test);
    const at = table.shown.findIndex((row) => row[column] === 'dark');
    const odds = (times: number) => {
      const p = posterior(
        table,
        Array.from({ length: times }, () => ({ test, seen: 'dark' })),
      );
      return Math.log(p[at]! / p.at(-1)!);
    };
    expect(odds(2) - odds(1)).toBeCloseTo((odds(1) - odds(0)) / 2, 9);
  });

  it('goes on where an answer is of no fault that it knows, and ignores tests of another build', () => {
    const table = tables[1]!;
    const p = posterior(table, [{ test: 'stick:none:none', seen: 'nothing' }]);
    expect(p).toEqual(posterior(table, []));
    const wild = findFault(table, [{ test: 'volts:receiver', seen: 240 }]);
    expect(wild.ranking.every(({ probability }) => Number.isFinite(probability))).toBe(true);
  });
});
