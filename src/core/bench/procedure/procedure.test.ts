import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import { checkBuild } from '../../judgement/check/check-build';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { planProcedure } from './plan-procedure';
import type { Tick } from '../../model/plan/records';
import { phases, stepText, type Step } from './step';
import { stepStates } from './step-states';
import { tickOf } from './tick';

const tug = demoBuild('harbour-tug');

/** A receiver whose three rows are all taken. */
const fewRows = { ports: starterPart('receiver-8-skerry').ports.slice(0, 4) };
const twoServos = tub({
  extra: [{ id: 'pan', name: 'pan servo', part: 'servo-micro-60' }],
  leads: [['pan.lead', 'rx.5']],
  moreFunctions: [
    {
      id: 'pan',
      name: 'Pan',
      role: 'mechanism',
      wants: 'staying',
      control: 'dial-1',
      channel: 5,
      devices: ['pan'],
    },
  ],
});

function states(build: Build) {
  const { context, findings } = checkBuild(build, starterLocker);
  return stepStates(build, planProcedure(context), findings);
}
const stepsOf = (build: Build) => states(build).map((state) => state.step);
const on = '2026-01-01T00:00:00.000Z';

/** The record of a step that nothing holds. */
function tick(build: Build, step: Step, reading?: number): Tick {
  const done = tickOf(build, { step, heldBy: undefined }, { on, reading });
  if (!done.ok) throw new Error(done.problem);
  return done.value;
}

/** Ticks steps as the screen does, by id. */
function ticked(build: Build, ids: readonly string[]): Build {
  const steps = stepsOf(build).filter((step) => ids.includes(step.id));
  return applyEdits(
    build,
    steps.map((step) => ({ type: 'tick', tick: tick(build, step) })),
  );
}

describe('planProcedure', () => {
  it('has the lug of a plug cut off before it goes in', () => {
    const lugged = tub({
      sheets: {
        'servo-micro-60': (part) => ({
          ...part,
          ports: part.ports.map((port) => ({
            ...port,
            connector: { ...port.connector, family: 'servo-3-lug' as const },
          })),
        }),
      },
    });
    const ids = stepsOf(lugged).map((step) => step.id);
    const [trim, plug] = ['trim:rudder-lead--rx-1', 'plug:rudder-lead--rx-1'].map((id) => ids.indexOf(id));
    expect(trim).toBeGreaterThanOrEqual(0);
    expect(trim).toBeLessThan(plug!);
    expect(stepsOf(tub()).some((step) => step.id.startsWith('trim:'))).toBe(false);
  });

  it('keeps the order of the bench', () => {
    const ids = stepsOf(tug).map((step) => step.id);
    const order = [
      'joint:port-controller-motor--port-motor-motor',
      'lift:port-controller-lead--receiver-2',
      'plug:harness-large-1--port-controller-power',
      'polarity',
      'shorts',
      'stand',
      'bare-volts:radio-bec',
      'plug:port-controller-lead--receiver-2',
      'bind-plug:receiver',
      'link:transmitter',
      'transmitter-on',
      'pack-in',
      'bind',
      'arm:port-controller',
      'settings:port-controller',
      'centre:port-rudder',
      'function:steering',
      'end-points:steering',
      'function:horn',
      'fail-safe',
      'measure-rest:rail:receiver',
      'measure-loaded:rail:receiver',
      'range',
      'off:model',
      'off:transmitter',
      'tape',
      'box:receiver',
      'storage:tow-pack',
    ];
    expect(order.map((id) => ids.indexOf(id))).not.toContain(-1);
    expect(order.map((id) => ids.indexOf(id))).toEqual(
      order.map((id) => ids.indexOf(id)).sort((a, b) => a - b),
    );
    const phaseNumbers = stepsOf(tug).map((step) => phases.indexOf(step.phase));
    expect(phaseNumbers).toEqual([...phaseNumbers].sort((a, b) => a - b));
  });

  it('names the actual parts, ports, channels and colours', () => {
    const text = stepsOf(tug).map(stepText).join('\n');
    expect(text).toContain(
      'Port controller into receiver port 3 Channel 3, port drive. Orange is signal, brown is minus',
    );
    expect(text).toContain('Lift the red wire of the port controller');
    expect(text).toContain('Switch C, channel 7, receiver port 7: it moves the lamps');
    expect(text).toContain('3 cells at 3.80 V each: 11.4 V');
  });

  it('tells one function at a time, centring each servo before its horn', () => {
    const ids = stepsOf(tug).map((step) => step.id);
    expect(ids.indexOf('centre:tow-winch')).toBeGreaterThan(ids.indexOf('function:starboard-drive'));
    expect(ids.indexOf('function:winch')).toBe(ids.indexOf('centre:tow-winch') + 1);
  });

  it('follows the chosen school of switching off', () => {
    const other = applyEdits(tug, [{ type: 'setPolicies', change: { switchOff: 'transmitterFirst' } }]);
    const ids = stepsOf(other).map((step) => step.id);
    expect(ids.indexOf('off:transmitter')).toBeLessThan(ids.indexOf('off:model'));
    expect(stepsOf(other).find((step) => step.id === 'off:transmitter')?.lines[0]).toContain('fail-safe');
  });

  it('has no lithium line for dry cells, and no steps for an empty build', () => {
    const dry = tub({
      sheets: { 'pack-lipo-3s-4000-20c': (part) => ({ ...part, chemistry: 'NiMH' }) as never },
    });
    expect(stepsOf(dry).flatMap((step) => step.cautions)).not.toContain('lithium');
    expect(stepsOf({ ...tub(), parts: [], fittings: [], leads: [], functions: [] })).toEqual([]);
  });
});

describe('before power reaches the model', () => {
  const stepOf = (build: Build, id: string) => stepsOf(build).find((step) => step.id === id);

  it('each regulator on a rail is set and measured with nothing attached; a lifted one is left alone', () => {
    const twin = soundBuilds['tug with twin screws steered by a mix']!;
    const bare = stepsOf(twin).filter((step) => step.id.startsWith('bare-volts'));
    expect(bare.map((step) => step.id)).toEqual(['bare-volts:left']);
    expect(bare[0]).toMatchObject({
      title: 'Set the BEC of the port controller to 6.0 V, and measure it with nothing attached',
      isHold: true,
    });
    expect(bare[0]?.measurement?.least).toBeCloseTo(5.7, 9);
    expect(bare[0]?.measurement?.most).toBeCloseTo(6.3, 9);
    const ids = stepsOf(twin).map((step) => step.id);
    const railPlug = ids.findIndex((id) => id.startsWith('plug:left-lead'));
    expect(ids.indexOf('bare-volts:left')).toBeLessThan(railPlug);
  });

  it('says where the bind plug goes: beside what feeds the receiver, by a free or a borrowed row', () => {
    expect(stepOf(tub(), 'bind-plug:rx')?.lines).toHaveLength(1);
    const own = soundBuilds['crawler with its own BEC, red wire lifted']!;
    expect(stepOf(own, 'bind-plug:rx')?.lines[0]).toContain('The BEC sits there');
    expect(stepOf(own, 'bind-plug:rx')?.lines[0]).toContain('port 4, which is free');
    const full = applyEdits(own, [
      { type: 'swapPart', fitting: 'rx', part: { ...starterPart('receiver-8-skerry'), ...fewRows } as never },
    ]);
    expect(stepOf(full, 'bind-plug:rx')?.lines[0]).toContain('borrow port 3');
  });

  it('packs that will stand side by side are brought to the same volts, packs in series are not', () => {
    const step = stepOf(soundBuilds['launch with two packs side by side']!, 'equal:pack+pack2');
    expect(step?.title).toBe('Bring the port pack and the starboard pack to the same volts');
    expect(step?.measurement?.most).toBeCloseTo(0.12, 9);
    expect(stepsOf(soundBuilds['fast hull with two packs in series']!).map((each) => each.phase)).toContain(
      'regulate',
    );
    expect(
      stepsOf(soundBuilds['fast hull with two packs in series']!).some((candidate) =>
        candidate.id.startsWith('equal:'),
      ),
    ).toBe(false);
  });

  it('settings are steps, with the words of this controller', () => {
    expect(stepOf(soundBuilds['brushless car']!, 'settings:esc')?.lines[0]).toBe(
      'Cut-off for LiPo; drag brake.',
    );
  });
});

describe('stepStates', () => {
  it('holds every powered step while a stop is open, and no other', () => {
    const wrong = tub({ parts: { rudder: 'servo-micro-52' } });
    for (const { step, heldBy } of states(wrong)) {
      expect(heldBy?.by, step.id).toBe(step.needsPower ? 'stops' : undefined);
    }
  });

  it('lets the stop go when it is accepted', () => {
    const wrong = tub({ parts: { rudder: 'servo-micro-52' } });
    const [finding] = checkBuild(wrong, starterLocker).findings;
    const accepted = applyEdits(wrong, [
      {
        type: 'accept',
        acceptance: { finding: finding!.id, margin: finding!.margin, reason: 'test only', on },
      },
    ]);
    expect(states(accepted).some((state) => state.heldBy?.by === 'stops')).toBe(false);
  });

  it('holds later powered steps until each hold is done', () => {
    const heldBy = (build: Build, id: string) => {
      const held = states(build).find((state) => state.step.id === id)?.heldBy;
      return held?.by === 'step' ? held.step.id : held?.by;
    };
    expect(heldBy(tub(), 'bare-volts:esc')).toBe('polarity');
    const checked = ticked(tub(), ['polarity', 'shorts', 'stand']);
    expect(heldBy(checked, 'bare-volts:esc')).toBeUndefined();
    expect(heldBy(checked, 'transmitter-on')).toBe('bare-volts:esc');
    const measured = ticked(checked, ['bare-volts:esc', 'bind-plug:rx', 'link:tx']);
    expect(heldBy(measured, 'transmitter-on')).toBeUndefined();
    expect(heldBy(measured, 'pack-in')).toBe('transmitter-on');
  });

  it('asks to look again when the build changes under a tick', () => {
    const done = ticked(tub(), ['plug:rudder-lead--rx-1']);
    const stateOf = (build: Build) =>
      states(build).find((state) => state.step.id === 'plug:rudder-lead--rx-1')?.state;
    expect(stateOf(done)).toBe('done');
    const moved = applyEdits(done, [
      { type: 'moveLeadEnd', lead: 'rudder-lead--rx-1', end: 'to', port: { fitting: 'rx', port: '5' } },
    ]);
    expect(stateOf(moved)).toBe('changed');
  });

  it('opens again what a swap touches, and nothing else', () => {
    const all = stepsOf(twoServos).map((step) => step.id);
    const reopened = (fitting: string, part: string) => {
      const swap = applyEdits(ticked(twoServos, all), [
        { type: 'swapPart', fitting, part: starterPart(part) },
      ]);
      return states(swap).flatMap((state) => (state.state === 'changed' ? [state.step.id] : []));
    };
    // Alike in all that the steps say, and still another servo.
    const twin = { ...starterPart('servo-micro-60'), id: 'servo-micro-twin' };
    const other = applyEdits(ticked(twoServos, all), [{ type: 'swapPart', fitting: 'rudder', part: twin }]);
    expect(states(other).flatMap((state) => (state.state === 'changed' ? [state.step.id] : []))).toEqual([
      'plug:rudder-lead--rx-1',
      'centre:rudder',
      'function:steer',
      'end-points:steer',
      'fail-safe',
      'range',
    ]);
    expect(reopened('rx', 'receiver-10-both')).toEqual(
      expect.arrayContaining(['bind-plug:rx', 'bind', 'plug:pan-lead--rx-5', 'fail-safe', 'range']),
    );
    expect(reopened('rx', 'receiver-10-both')).not.toContain('centre:rudder');
    expect(reopened('motor', 'motor-brushed-80t')).toContain('joint:esc-motor--motor-motor');
    expect(reopened('motor', 'motor-brushed-80t')).not.toContain('bind');
  });

  it.each([
    [6.0, 'good'],
    [5.6, 'low'],
    [6.5, 'high'],
  ])('judges %s V on a 6 V rail as %s', (reading, verdict) => {
    const step = stepsOf(tub()).find((candidate) => candidate.id === 'measure-rest:rail:rx')!;
    const build = applyEdits(tub(), [{ type: 'tick', tick: tick(tub(), step, reading) }]);
    const after = states(build);
    const at = after.findIndex((stepState) => stepState.step.id === step.id);
    expect(after[at]).toMatchObject({ verdict, state: verdict === 'good' ? 'done' : 'outOfBand' });
  });

  it('holds what wants power behind a reading out of its band', () => {
    const all = stepsOf(tub());
    const step = all.find((candidate) => candidate.id === 'measure-rest:rail:rx')!;
    const reading = (volts: number) =>
      applyEdits(
        tub(),
        all.map((each) => ({
          type: 'tick' as const,
          tick: tick(tub(), each, each === step ? volts : undefined),
        })),
      );
    const heldBy = (build: Build) =>
      states(build).flatMap(({ heldBy: held }) => (held?.by === 'step' ? [held.step.id] : []));
    expect(new Set(heldBy(reading(6.5)))).toEqual(new Set([step.id]));
    expect(heldBy(reading(6))).toEqual([]);
  });
});

describe('holds', () => {
  it('no sequence of clicks reaches a powered step past an open hold without a reason that is kept', () => {
    const click = fc.record({
      step: fc.nat({ max: 400 }),
      reading: fc.option(fc.double({ min: 0, max: 14, noNaN: true }), { nil: undefined }),
      reason: fc.option(fc.constantFrom('', '  ', 'I know it: a bare board'), { nil: undefined }),
      isUntick: fc.boolean(),
    });
    const builds = [tub(), tug, demoBuild('harbour-tug-as-planned')].map((build) => ({
      build,
      ...checkBuild(build, starterLocker),
    }));
    fc.assert(
      fc.property(fc.constantFrom(...builds), fc.array(click, { maxLength: 40 }), (known, clicks) => {
        const steps = planProcedure(known.context);
        let build = known.build;
        for (const { step: n, reading, reason, isUntick } of clicks) {
          const now = stepStates(build, steps, known.findings);
          const state = now[n % now.length]!;
          if (isUntick) {
            build = applyEdits(build, [{ type: 'untick', step: state.step.id }]);
            continue;
          }
          const done = tickOf(build, state, { on, reading, reason });
          expect(done.ok || state.heldBy !== undefined).toBe(true);
          if (!done.ok) continue;
          build = applyEdits(build, [{ type: 'tick', tick: done.value }]);
          const isOpen =
            known.findings.some(({ severity, accepted }) => severity === 'stop' && !accepted) ||
            now.slice(0, now.indexOf(state)).some((each) => each.step.isHold && each.state !== 'done');
          if (state.step.needsPower && isOpen) expect(done.value.reason?.trim()).toBeTruthy();
        }
        const read = readBuildFile(writeBuildFile(build));
        expect(read.ok && read.value.ticks).toEqual(build.ticks);
      }),
      { numRuns: 100 },
    );
  });
});
