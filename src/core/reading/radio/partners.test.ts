import { describe, expect, it } from 'vitest';
import { filming, pan } from '../../../../tests/kit/filming';
import { checkBuild } from '../../judgement/check/check-build';
import { readingOf } from '../build-reading/reading';
import { applyEdits } from '../../model/plan/edits';
import type { Fitting } from '../../model/fitting/fitting';
import type { ModelFunction } from '../../model/plan/model-function';
import { transmitterIdOf, transmitterOf } from './partners';

const lamps = [2, 4, 5, 6, 7].map((channel): ModelFunction => ({
  ...pan,
  id: `f${channel}`,
  name: `Lamp ${channel}`,
  channel,
  devices: ['rudder'],
}));

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
    const { survey, index } = readingOf(own, []);
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

  it('asks which transmitter a receiver is bound to where two are on its link', () => {
    const twins = filming({ part: 'transmitter-wheel-7', protocol: 'ness link' });
    const third: Fitting = {
      ...twins.fittings.find(({ id }) => id === 'camera-tx')!,
      id: 'third',
      name: 'spare radio',
    };
    const unclear = { ...twins, fittings: [...twins.fittings, third] };
    const asked = ({ unknowns }: ReturnType<typeof checkBuild>) => unknowns.map(({ missing }) => missing);
    expect(asked(checkBuild(unclear, [])).join()).toContain('is bound to');
    const bound = applyEdits(unclear, [
      { type: 'setFitting', fitting: 'camera-rx', change: { boundTo: 'third' } },
    ]);
    expect(asked(checkBuild(bound, [])).join()).not.toContain('is bound to');
    const { survey, index } = readingOf(bound, []);
    expect(transmitterIdOf({ survey, index }, pan)).toBe('third');
    // What is bound to it goes back to what it speaks when it is taken out.
    const gone = applyEdits(bound, [{ type: 'removeFitting', fitting: 'third' }]);
    expect(gone.fittings.find(({ id }) => id === 'camera-rx')).not.toHaveProperty('boundTo');
  });
});
