import { describe, expect, it } from 'vitest';
import { driveSetting } from '../../../../tests/kit/tub';
import { filming, pan } from '../../../../tests/kit/filming';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../build-reading/reading';
import { functionChains } from '../brief/function-chain';
import { FaultyModel } from '../../bench/faults/faulty-model';
import { radioFaults } from '../../bench/faults/radio-faults';
import { readBuildFile } from '../../model/file/read-file';
import { writeBuildFile } from '../../model/file/write-file';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { radioSteps } from '../../bench/procedure/radio-steps';
import { channelSheets } from '../../bench/sheet/radio-sheet';
import { starterLocker } from '../../model/starter/starter-locker';
import { toldTracks } from '../../desk/trial/told-tracks';
import { assignRadio } from './assign-radio';
import { channelTable } from './channel-table';
import { radioAt, radioOfFunction, radiosOf } from './radios';

const contextOf = (build: Build) => readingOf(build, starterLocker);
/** Channel 1 of both radios is set: the tub's steering reversed, the camera's way cut to half. */
const both = applyEdits(filming({ protocol: 'ness link' }), [
  { type: 'setChannel', channel: 1, change: { isReversed: true } },
  { type: 'setChannel', channel: 1, transmitter: 'camera-tx', change: { lowEnd: 50, highEnd: 50 } },
]);

describe('a build with two radios', () => {
  it('has each function and each setting on its own, and one radio where there is one transmitter', () => {
    const [main, camera, ...more] = radiosOf(contextOf(both));
    expect(more).toEqual([]);
    expect([main!.owner, camera!.owner]).toEqual([undefined, 'camera-tx']);
    expect(camera!.functions.map(({ id }) => id)).toEqual(['pan']);
    expect(main!.functions.map(({ id }) => id)).not.toContain('pan');
    expect(radioAt(contextOf(both), 'pan-servo')?.owner).toBe('camera-tx');
    const alone = filming(undefined);
    expect(radiosOf(contextOf(alone))).toMatchObject([{ owner: undefined, functions: alone.functions }]);
  });

  it('sets channel 1 of one and leaves channel 1 of the other', () => {
    const rows = channelTable(contextOf(both)).filter(({ channel }) => channel === 1);
    expect(rows.map(({ words }) => words)).toEqual([['reversed'], ['end points 50 % and 50 %']]);
    expect(rows.map(({ devices }) => devices.map(({ fitting }) => fitting.id))).toEqual([
      ['rudder'],
      ['pan-servo'],
    ]);
    const [steer, film] = rows;
    expect(steer!.pulses.low).toBeGreaterThan(steer!.pulses.high);
    expect(film!.pulses.high - film!.pulses.centre).toBeCloseTo(
      (steer!.pulses.low - steer!.pulses.centre) / 2,
    );
    const back = applyEdits(both, [
      {
        type: 'setChannel',
        channel: 1,
        transmitter: 'camera-tx',
        change: { lowEnd: undefined, highEnd: undefined },
      },
    ]);
    expect(back.channels).toEqual([{ channel: 1, isReversed: true }, driveSetting]);
  });

  it('moves the camera by its own stick alone, at the bench and on an outing', () => {
    const model = new FaultyModel(both);
    const pulses = (moved: string) =>
      ['rudder', 'pan-servo'].map((id) => model.pulseWith(id, (each) => (each === moved ? 1 : 0)));
    expect(pulses('pan')).toEqual([1500, 1750]);
    expect(pulses('steer')).toEqual([1000, 1500]);
    const told = toldTracks(
      contextOf(both),
      new Map([
        [
          'pan',
          [
            [0, 0],
            [1, 1],
          ] as [number, number][],
        ],
      ]),
    );
    expect(Math.max(...told.get('pan-servo')!.map(([, value]) => value))).toBeCloseTo(0.5);
    expect(told.get('rudder')!.every(([, value]) => value === 0)).toBe(true);
  });

  it('has faults, steps and a printed table for each', () => {
    const context = contextOf(both);
    const faults = radioFaults(context).filter(({ id }) => id.startsWith('reversed:1'));
    expect(faults.map(({ id, touches }) => [id, touches])).toEqual([
      ['reversed:1', ['tx', 'rudder']],
      ['reversed:1:camera-tx', ['camera-tx', 'pan-servo']],
    ]);
    const harmed = new FaultyModel(both, faults[1]!.harm, new FaultyModel(both));
    expect(harmed.pulseWith('pan-servo', () => 1)).toBe(1250);
    expect(radioSteps(context).map(({ id }) => id)).toEqual(['channel:1', 'channel:1:camera-tx']);
    expect(channelSheets(context).map(({ title, rows }) => [title, rows.length])).toEqual([
      ['Channels of the transmitter', 2],
      ['Channels of the camera transmitter', 1],
    ]);
  });

  it('gives a control and a channel from the radio that a function is said to be on', () => {
    const { control: _, channel: __, ...bare } = { ...pan, transmitter: 'camera-tx' };
    const build = filming({ protocol: 'ness link' }, [bare]);
    const context = contextOf(build);
    expect(radioOfFunction(context, bare).owner).toBe('camera-tx');
    const { assigned, conflicts } = assignRadio(build);
    expect(conflicts).toEqual([]);
    // Channel 1 of the tub's own is taken; the camera's is not.
    expect(assigned.map((each) => [each.function.id, each.change.channel])).toEqual([['pan', 1]]);
    const controls = context.index.get('camera-tx').part;
    expect(controls.kind === 'transmitter' && controls.controls.map(({ id }) => id)).toContain(
      assigned[0]!.change.control,
    );
  });

  it('tells of a setting that only the other transmitter has', () => {
    const curved = applyEdits(both, [
      { type: 'setFunction', function: 'pan', change: { shape: { curve: [-100, -20, 0, 20, 100] } } },
    ]);
    const told = checkBuild(curved, starterLocker).findings.filter(({ rule }) => rule === 'channel-settings');
    expect(told.flatMap(({ subjects }) => subjects.map(({ id }) => id))).toEqual(['camera-tx']);
    expect(
      functionChains(contextOf(curved)).find((chain) => chain.function.id === 'pan')?.control,
    ).toBeUndefined();
  });

  it('is written, read back, and forgets the settings of a transmitter that is taken out', () => {
    const read = readBuildFile(writeBuildFile(both));
    expect(read).toEqual({ ok: true, value: both });
    const gone = applyEdits(
      applyEdits(both, [{ type: 'setFunction', function: 'pan', change: { transmitter: 'camera-tx' } }]),
      [{ type: 'removeFitting', fitting: 'camera-tx' }],
    );
    expect(gone.channels).toEqual([{ channel: 1, isReversed: true }, driveSetting]);
    expect(gone.functions.find(({ id }) => id === 'pan')).not.toHaveProperty('transmitter');
  });

  it('leaves the second one its settings where the first is taken out', () => {
    const left = applyEdits(both, [{ type: 'removeFitting', fitting: 'tx' }]);
    expect(left.channels).toEqual([{ channel: 1, lowEnd: 50, highEnd: 50 }]);
    const [only, ...more] = radiosOf(contextOf(left));
    expect(more).toEqual([]);
    expect(only!.transmitter?.fitting.id).toBe('camera-tx');
    // With no other there, what was set waits for the next.
    const alone = applyEdits(filming(undefined), [
      { type: 'setChannel', channel: 1, change: { isReversed: true } },
      { type: 'removeFitting', fitting: 'tx' },
    ]);
    expect(alone.channels).toEqual([{ channel: 1, isReversed: true }, driveSetting]);
  });
});
