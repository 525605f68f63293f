import { describe, expect, it } from 'vitest';
import { tub } from '../../../../tests/kit/tub';
import { readingOf } from '../../reading/build-reading/reading';
import type { ChannelSetting } from '../../model/plan/channel-setting';
import { applyEdits } from '../../model/plan/edits';
import type { Build } from '../../model/plan/build';
import { outingsOf } from './outings';
import { runTrial } from './run-trial';
import { usualTask } from './trial-task';
import { verdictOf } from './verdict';

function lostOn(build: Build) {
  const outing = outingsOf(build).find(({ id }) => id === 'link-lost')!;
  const run = runTrial(readingOf(build, []), { ...usualTask(outing), slices: 320 });
  if (!run.ok) throw new Error('not run');
  const { amps, events, seconds, slices } = run.value;
  const motor = amps.find(({ id }) => id === 'motor')!.values;
  const at = (second: number) => motor[Math.floor((second / seconds) * slices)]!;
  return {
    before: at(outing.lostAt! - 1),
    after: at(outing.lostAt! + 5),
    words: events.find(({ kind }) => kind === 'linkLost')!.words,
    limits: events.filter(({ kind }) => kind === 'overBurst' || kind === 'overLasting'),
  };
}
const withDrive = (change: Partial<ChannelSetting>): Build =>
  applyEdits(tub(), [{ type: 'setChannel', channel: 3, change }]);

describe('an outing on which the link is lost', () => {
  it('is offered for every kind of model', () => {
    for (const model of ['boat', 'car', 'crawler', 'truck', 'tracked machine', 'yacht'] as const)
      expect(outingsOf({ ...tub(), model }).map(({ id }) => id)).toContain('link-lost');
  });

  it('stops the motor where the fail-safe does, and runs it on where the channel holds', () => {
    const stopped = lostOn(tub());
    expect(stopped.before).toBeGreaterThan(1);
    expect(Math.abs(stopped.after)).toBeLessThan(0.1);
    expect(stopped.words).toBe('The link is lost. The motor stops.');
    const held = lostOn(withDrive({ failSafe: 'hold' }));
    expect(held.after).toBeCloseTo(held.before, 0);
    expect(held.words).toBe('The link is lost. The motor runs on.');
    expect(lostOn(withDrive({ failSafePercent: 100 })).after).toBeGreaterThan(held.after);
  });

  it('takes a channel that nobody has set for one that holds, and says so', () => {
    const unset = lostOn({ ...tub(), channels: [] });
    expect(unset.after).toBeCloseTo(unset.before, 0);
    expect(unset.words).toContain('not set yet');
  });
});

const notPlugged = { without: ['esc.lead'] };

describe('an outing of a motor that hears nothing', () => {
  it.each([
    ['signal wire cut', { wires: { 'esc-lead': (all) => all.filter(({ from }) => from !== 'signal') } }],
    ['lead not plugged in', notPlugged],
    ['port without a function', { without: ['esc.lead'], leads: [['esc.lead', 'rx.7']] }],
  ] as const satisfies readonly (readonly [string, Parameters<typeof tub>[0]])[])(
    'does not drive it: %s',
    (_, change) => {
      const build = tub(change);
      expect(Math.abs(lostOn(build).before)).toBeLessThan(0.1);
      const run = runTrial(readingOf(build, []), usualTask(outingsOf(build)[0]!));
      expect(run.ok && run.value.unreached).toEqual(['controller']);
      // Unplugged, its BEC feeds nothing either, and that comes first.
      const verdict = run.ok && verdictOf(run.value);
      expect(verdict).toMatchObject(
        change === notPlugged
          ? { tone: 'bad' }
          : { tone: 'guess', words: expect.stringContaining('No signal reaches the controller') as string },
      );
    },
  );
});
