import { describe, expect, it } from 'vitest';
import { driveSetting, tub } from '../../../../tests/kit/tub';
import { readingOf } from '../build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { applyEdits } from '../../model/plan/edits';
import { channelTable } from './channel-table';

const rows = (build: Build) => channelTable(readingOf(build, []));
const armsAtMinimum = {
  'controller-brushed-30-switching': (part: PartSpec) => ({ ...part, armsAt: 'minimum' }) as PartSpec,
};

describe('channelTable', () => {
  it('follows each channel from the control to the part, as in a fresh memory', () => {
    const [steering, drive] = rows(tub());
    expect(steering).toMatchObject({
      channel: 1,
      ports: ['port 1'],
      pulses: { low: 1000, centre: 1500, high: 2000 },
      words: [],
      failSafe: 'not set',
    });
    expect(steering!.inputs[0]).toMatchObject({ control: 'right stick, sideways', percent: 100 });
    expect(drive!.devices.map(({ fitting }) => fitting.id)).toEqual(['esc']);
  });

  it('says what is set, and what the display reads where a controller arms', () => {
    const build = applyEdits(tub({ sheets: armsAtMinimum }), [
      {
        type: 'setChannel',
        channel: 3,
        change: {
          isReversed: true,
          subTrim: -12,
          highEnd: 90,
          failSafe: 'position',
          failSafePercent: 0,
          mix: [{ function: 'steer', percent: 25 }],
        },
      },
      { type: 'setFunction', function: 'drive', change: { shape: { expo: 20 } } },
    ]);
    const drive = rows(build).find(({ channel }) => channel === 3)!;
    expect(drive.words).toEqual([
      'mixed from Drive 100 % and Steering 25 %',
      'reversed',
      'sub-trim −12 µs',
      'end points 100 % and 90 %',
      'Drive: exponential 20 %',
    ]);
    expect(drive.failSafe).toBe('goes to 0 %');
    expect(drive.pulses).toEqual({ low: 1938, centre: 1488, high: 988 });
    expect(drive.arming).toEqual([
      {
        fitting: 'esc',
        words: 'the controller arms with the stick all the way back: the display reads 88 %',
      },
    ]);
  });

  it('forgets what is set back, and a function that goes, mixes with it', () => {
    const set = applyEdits(tub(), [
      { type: 'setChannel', channel: 3, change: { mix: [{ function: 'steer', percent: 25 }] } },
      { type: 'setChannel', channel: 1, change: { isReversed: true } },
    ]);
    const back = applyEdits(set, [
      { type: 'setChannel', channel: 1, change: { isReversed: undefined } },
      { type: 'removeFunction', function: 'steer' },
    ]);
    expect(back.channels).toEqual([driveSetting]);
    expect(rows(back).map(({ channel }) => channel)).toEqual([3]);
  });
});
