import { describe, expect, it } from 'vitest';
import { tub } from '../../../tests/kit/tub';
import { checkBuild } from '../check/check-build';
import { checkContext } from '../check/check-context';
import type { Fitting } from '../plan/fitting';
import type { ModelFunction } from '../plan/model-function';
import { transmitterIdOf, transmitterOf } from './partners';

const pan: ModelFunction = {
  id: 'pan',
  name: 'Camera pan',
  role: 'mechanism',
  wants: 'staying',
  control: 'dial-1',
  channel: 1,
  devices: ['pan-servo'],
};
const lamps = [2, 4, 5, 6, 7].map((channel): ModelFunction => ({
  ...pan,
  id: `f${channel}`,
  name: `Lamp ${channel}`,
  channel,
  devices: ['rudder'],
}));

/** A tub with a camera on a receiver of its own, with or without a transmitter of its own. */
const filming = (camera: Partial<Fitting> | undefined, moreFunctions = [pan]) =>
  tub({
    extra: [
      { id: 'camera-rx', name: 'camera receiver', part: 'receiver-4-ness-small' },
      { id: 'pan-servo', name: 'pan servo', part: 'servo-micro-60' },
      ...(camera
        ? [{ id: 'camera-tx', name: 'camera transmitter', part: 'transmitter-wheel-7', ...camera }]
        : []),
    ],
    leads: [
      ['pan-servo.lead', 'camera-rx.1'],
      ['rx.8', 'camera-rx.B'],
    ],
    moreFunctions,
  });
const rulesOf = (build: ReturnType<typeof filming>) =>
  checkBuild(build, []).findings.flatMap(({ rule, subjects }) =>
    ['channel-shared', 'link-protocol', 'channel-count'].includes(rule)
      ? [`${rule} ${subjects.map(({ id }) => id).join()}`]
      : [],
  );

describe('a camera with a radio of its own', () => {
  const own = filming({ protocol: 'ness link' });

  it('has a channel 1 of its own, a link of its own, and only what is plugged in there', () => {
    expect(rulesOf(own)).toEqual([]);
    expect(rulesOf(filming({ protocol: 'ness link' }, [pan, ...lamps]))).toEqual([]);
    const { survey, index } = checkContext(own, []);
    expect(transmitterIdOf({ survey, index }, pan)).toBe('camera-tx');
    expect(index.ofKind('receiver').map((each) => transmitterOf(index, each)?.fitting.id)).toEqual([
      'tx',
      'camera-tx',
    ]);
  });

  it('is told of what does not go with the one transmitter that there is', () => {
    expect(rulesOf(filming(undefined))).toEqual(['channel-shared steer,pan', 'link-protocol tx,camera-rx']);
  });

  it('is told of more channels than it has', () => {
    const far = { ...pan, channel: 5 };
    expect(rulesOf(filming({ protocol: 'ness link' }, [far]))).toEqual(['channel-count camera-rx,pan']);
  });
});
