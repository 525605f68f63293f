import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import { Track, type TrackPoints } from '../../physics/network/track';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { toldTracks } from './told-tracks';

const told = (build: Build, sticks: Record<string, TrackPoints>) =>
  toldTracks(readingOf(build, []), new Map(Object.entries(sticks)));
const at = (points: TrackPoints | undefined, seconds: number) => new Track(points ?? []).value(seconds);
const set = (build: Build, ...edits: Edit[]) => applyEdits(build, edits);

/** A tub with a controller each side, on channels of a mix and no rudder. */
const twin: Build = set(
  tub({
    extra: [{ id: 'esc-2', name: 'second', part: 'controller-brushed-30-switching' }],
    leads: [['esc-2.lead', 'rx.4']],
    functions: {
      drive: { devices: ['esc', 'esc-2'], channel: undefined },
      steer: { devices: [], channel: undefined },
    },
  }),
  ...[1, -1].map((sign, n): Edit => ({
    type: 'setChannel',
    channel: n + 3,
    change: {
      mix: [
        { function: 'drive', percent: 100 },
        { function: 'steer', percent: 60 * sign },
      ],
    },
  })),
);

describe('what parts are told over an outing', () => {
  it('is the track of the function, where nothing is set', () => {
    const track = [
      [0, 0],
      [2, -0.5],
    ] as const;
    expect(told(tub(), { drive: track }).get('esc')).toEqual(track);
  });

  it('turns a boat with a motor each side on one stick', () => {
    const tracks = told(twin, { steer: [[0, 0.5]], drive: [[0, 0]] });
    expect(at(tracks.get('esc'), 1)).toBeCloseTo(0.3, 9);
    expect(at(tracks.get('esc-2'), 1)).toBeCloseTo(-0.3, 9);
    const ahead = told(twin, {
      steer: [[0, 0]],
      drive: [
        [0, 0],
        [1, 1],
      ],
    });
    expect(at(ahead.get('esc'), 1)).toBe(1);
    expect(at(ahead.get('esc-2'), 0.5)).toBeCloseTo(0.5, 9);
  });

  it('bends with exponential and rate, and stops servos at their end points', () => {
    const build = set(
      tub(),
      { type: 'setFunction', function: 'steer', change: { shape: { expo: 50, rate: 80 } } },
      { type: 'setChannel', channel: 1, change: { lowEnd: 50, isReversed: true } },
    );
    const tracks = told(build, {
      steer: [
        [0, -1],
        [2, 1],
      ],
    });
    // Half way: 0.8·0.5·(1 − 0.5 + 0.5·0.25), and reversed, so that the short pulses are the stick's right.
    expect(at(tracks.get('rudder'), 1.5)).toBeCloseTo(0.8 * 0.5 * 0.625 * 0.5, 3);
    expect(at(tracks.get('rudder'), 0)).toBeCloseTo(-0.8, 9);
    expect(at(tracks.get('rudder'), 2)).toBeCloseTo(0.4, 9);
  });

  it('takes its time where the channel is slow', () => {
    const build = set(tub(), { type: 'setChannel', channel: 1, change: { slowSeconds: 4 } });
    const track = told(build, {
      steer: [
        [0, 0],
        [0.1, 1],
        [5, 1],
      ],
    }).get('rudder');
    expect(at(track, 1)).toBeCloseTo(0.5, 1);
    expect(at(track, 2.2)).toBeCloseTo(1, 9);
  });

  it('leaves every demo and sound build as its functions say, as nothing is set in them', () => {
    for (const build of [
      demoBuild('harbour-tug'),
      demoBuild('field-tractor'),
      ...Object.values(soundBuilds),
    ]) {
      const sticks = Object.fromEntries(
        build.functions.map(({ id }, n) => [
          id,
          [
            [0, 0],
            [1, (n + 1) / 20],
          ] as TrackPoints,
        ]),
      );
      const tracks = told(build, sticks);
      for (const { id, devices } of build.functions)
        for (const device of devices) {
          const others = build.functions.filter((each) => each.devices.includes(device));
          if (others.length === 1) expect(tracks.get(device)).toEqual(sticks[id]);
        }
    }
  });
});
