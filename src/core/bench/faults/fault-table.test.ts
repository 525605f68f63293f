import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changed, runs } from '../../../../tests/kit/any-build';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { filming } from '../../../../tests/kit/filming';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { candidateFaults } from './candidate-faults';
import { faultTable, type FaultTable } from './fault-table';

const known = new Map<Build, FaultTable>();

function tableOf(build: Build): FaultTable {
  const table = known.get(build) ?? faultTable(readingOf(build, []));
  known.set(build, table);
  return table;
}

/** What a test shows under a fault of a build. */
function shows(build: Build, fault: string | RegExp, test: string): string | number {
  const { faults, tests, shown } = tableOf(build);
  const row = faults.findIndex(({ id }) => (typeof fault === 'string' ? id === fault : fault.test(id)));
  const column = tests.findIndex(({ id }) => id === test);
  if (row < 0 || column < 0) throw new Error(`no ${row < 0 ? String(fault) : test}`);
  return shown[row]![column]!;
}

const tug = demoBuild('harbour-tug');
const boat = tub();

describe('what tests show under a fault', () => {
  it.each([
    ['a plug off its port', tug, /^plug-off:port-rudder/, 'stick:steering:port-rudder', 'nothing'],
    [
      'the other rudder goes on',
      tug,
      /^plug-off:port-rudder/,
      'stick:steering:starboard-rudder',
      'asPlanned',
    ],
    ['the rail has gone', tug, /^regulator-dead:radio-bec/, 'lamp:receiver', 'dark'],
    ['a pack plug off', tug, /^plug-off:tow-pack-out--harness-in$/, 'tones:port-controller', 'silent'],
    ['a neutral that is off', tug, 'neutral-off:3', 'tones:port-controller', 'beepsOn'],
    ['a channel reversed', tug, 'reversed:1', 'stick:steering:port-rudder', 'reversed'],
    ['an end point at nothing', tug, 'end-point-low:1', 'stick:steering:port-rudder', 'oneWay'],
    ['not bound', tug, 'unbound', 'lamp:receiver', 'searching'],
    ['stripped gears', tug, 'servo-stripped:tow-winch', 'stick:winch:tow-winch', 'whirs'],
    ['motors on each other’s controller', tug, /^loads-swapped:/, 'stick:port-drive:port-motor', 'another'],
    ['a cold joint far down a servo lead', boat, 'high:rudder-lead--rx-1.plus', 'stick:steer:rudder', 'weak'],
    ['a wire of a motor open', boat, /^open:esc-motor--motor-motor\.a/, 'stick:drive:motor', 'nothing'],
    ['plugs that changed places', boat, /^ports-swapped:/, 'stick:steer:rudder', 'another'],
    ['nothing at all', boat, 'nothing', 'stick:drive:motor', 'asPlanned'],
    ['its own wire', boat, 'open:rudder-lead--rx-1.signal', 'ohms:rudder-lead--rx-1.signal', 'open'],
    ['another wire', boat, 'open:rudder-lead--rx-1.signal', 'ohms:rudder-lead--rx-1.plus', 'joins'],
    ['a look at the plug', boat, 'plug-turned:rudder-lead--rx-1', 'plug:rudder-lead--rx-1', 'turned'],
  ] satisfies [string, Build, string | RegExp, string, string][])('%s', (_, build, fault, test, seen) => {
    expect(shows(build, fault, test)).toBe(seen);
  });

  it('speak of each radio by itself: the one of the camera has lost its receiver, and the boat steers on', () => {
    const camera = filming({ protocol: 'ness link' });
    const lost = (test: string) => shows(camera, 'unbound:camera-tx', test);
    expect(lost('lamp:camera-rx')).toBe('searching');
    expect(lost('lamp:rx')).toBe('steady');
    expect(lost('stick:pan:pan-servo')).toBe('nothing');
    expect(lost('stick:steer:rudder')).toBe('asPlanned');
    expect(shows(camera, 'unbound', 'lamp:camera-rx')).toBe('steady');
    expect(shows(camera, 'wrong-link:camera-tx', 'link:camera-tx')).toBe('notAsPlanned');
    const look = tableOf(camera).tests.find(({ id }) => id === 'link:camera-tx')!;
    expect(look.words).toMatch(/^Look at the display of the camera transmitter: .*, and ness link\?$/);
  });

  it('read volts from the solved network', () => {
    expect(shows(tug, 'nothing', 'volts:receiver')).toBeCloseTo(5, 1);
    expect(shows(tug, 'regulator-volts:radio-bec:6', 'volts:receiver')).toBeCloseTo(6, 1);
    expect(shows(tug, /^regulator-dead:radio-bec/, 'volts:receiver')).toBeLessThan(0.1);
  });
});

describe('the faults that a build may have', () => {
  it('are of this very build: as many plugs as it has, one of each id, none of parts that it lacks', () => {
    for (const build of [...Object.values(soundBuilds), demoBuild('harbour-tug-as-planned')]) {
      const faults = candidateFaults(readingOf(build, []));
      expect(new Set(faults.map(({ id }) => id)).size, build.name).toBe(faults.length);
      for (const { label, cure, weight } of faults) {
        expect(`${label} ${cure}`).not.toMatch(/undefined|NaN|\{/);
        expect(weight).toBeGreaterThan(0);
      }
    }
  });

  it('are five times as likely where somebody has just been', () => {
    const context = readingOf(tub(), []);
    const weightOf = (changed: string[]) =>
      candidateFaults(context, new Set(changed)).find(({ id }) => id === 'servo-dead:rudder')!.weight;
    expect(weightOf(['rudder'])).toBe(5 * weightOf(['motor']));
  });

  it('are told, with what shows them, whatever a person did to a build', () => {
    fc.assert(
      fc.property(runs, (all) => {
        const { faults, tests, shown } = faultTable(readingOf(changed(all), []));
        expect(new Set(faults.map(({ id }) => id)).size).toBe(faults.length);
        expect(new Set(tests.map(({ id }) => id)).size).toBe(tests.length);
        for (const row of shown)
          for (const [n, seen] of row.entries()) {
            const { answers, id } = tests[n]!;
            if (answers.length === 0) expect(Number.isFinite(seen), id).toBe(true);
            else
              expect(
                answers.map((answer) => answer.id),
                id,
              ).toContain(seen);
          }
        expect(JSON.stringify([faults, tests])).not.toMatch(/undefined|NaN/);
      }),
      { numRuns: 8 },
    );
  });

  it('are told once of a lead from one receiver to another', () => {
    const two = tub({
      extra: [{ id: 'camera', name: 'camera receiver', part: 'receiver-8-skerry' }],
      leads: [['rx.5', 'camera.2']],
    });
    const { faults } = tableOf(two);
    const told = faults.filter(({ touches }) => touches.includes('camera'));
    expect(told.map(({ id }) => id).filter((id) => id.startsWith('wrong-port:'))).toHaveLength(1);
    expect(new Set(faults.map(({ id }) => id)).size).toBe(faults.length);
  });

  it('are told of an unfinished build too', () => {
    const empty = { ...tub(), parts: [], fittings: [], leads: [], functions: [] };
    const table = faultTable(readingOf(empty, []));
    expect(table.faults.map(({ id }) => id)).toEqual(['nothing']);
    expect(table.tests).toEqual([]);
  });

  it('hold power back where it would burn: volts over a sheet, a plug that shorts', () => {
    const { faults } = tableOf(tug);
    const harmful = (id: string) => faults.find((fault) => fault.id === id)?.isHarmful;
    expect(harmful('regulator-volts:radio-bec:7.4')).toBe(true);
    expect(harmful('reversed:1')).toBe(false);
  });
});
