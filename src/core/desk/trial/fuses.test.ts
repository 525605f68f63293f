import { describe, expect, it } from 'vitest';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { straightOuting } from '../../../../tests/kit/straight-outing';
import { readingOf } from '../../reading/build-reading/reading';
import type { Build } from '../../model/plan/build';
import { stated } from '../../base/validation/figure';
import { starterLocker } from '../../model/starter/starter-locker';
import { runTrial } from './run-trial';
import { trialFindings } from './trial-findings';
import { usualTask } from './trial-task';
import { verdictOf } from './verdict';

const crawler = soundBuilds['crawler with a fuse and a hand switch']!;

/** The crawler with other amps on the label of its fuse, and full throttle up a slope for a minute. */
function climb(amps: number, change: { resettable?: boolean } = {}) {
  const build: Build = {
    ...crawler,
    parts: crawler.parts.map((part) =>
      part.kind === 'cable' && part.form === 'fuse' ? { ...part, maxAmps: stated(amps), ...change } : part,
    ),
  };
  const outing = { ...straightOuting(build, 60, 1), effort: 3 };
  const context = readingOf(build, starterLocker);
  const run = runTrial(context, usualTask(outing));
  if (!run.ok) throw new Error(JSON.stringify(run.problem));
  const opened = run.value.events.filter((event) => event.kind === 'fuse');
  const drawn = run.value.amps.find((line) => line.id === 'motor')!.values;
  return { opened, drawn, result: run.value, context };
}

describe('a fuse on an outing', () => {
  it('holds where its label is above what goes through it', () => {
    const { opened, drawn } = climb(40);
    expect(opened).toEqual([]);
    expect(drawn.at(-1)).toBeGreaterThan(1);
  });

  it('blows after seconds where twice its label goes through it, for good, and the model is dead', () => {
    const steady = climb(40).result.figures.meanPackAmps;
    const { opened, drawn, result, context } = climb(steady / 2);
    expect(opened).toHaveLength(1);
    // 4 s · ln(1 / (1 − 1.25² / 2²)), and the peak of starting.
    expect(opened[0]!.at).toBeGreaterThan(0.3);
    expect(opened[0]!.at).toBeLessThan(4);
    expect(opened[0]!.until).toBe(60);
    expect(drawn.at(-1)).toBeCloseTo(0, 2);
    expect(verdictOf(result).words).toContain('blows');
    expect(trialFindings(context, result, 'Straight ahead').map((finding) => finding.rule)).toContain(
      'trial-fuse',
    );
  });

  it('that resets trips later, and passes amps again once it is cool', () => {
    const steady = climb(40).result.figures.meanPackAmps;
    const { opened } = climb(steady / 4, { resettable: true });
    expect(opened.length).toBeGreaterThan(0);
    expect(opened[0]!.words).toContain('until it has cooled');
    expect(climb(steady, { resettable: true }).opened).toEqual([]);
  });
});
