import { expose, releaseProxy, wrap, type Endpoint } from 'comlink';
import { MessageChannel } from 'node:worker_threads';
import { afterEach, describe, expect, it } from 'vitest';
import { demoBuild } from '../../tests/kit/demo-builds';
import { outingsOf } from '../core/desk/trial/outings';
import { usualTask } from '../core/desk/trial/trial-task';
import { trialJobs, type TrialJobs } from './trial-jobs';

/** The jobs as the page has them: on the other side of a channel, through copies. */
function acrossAChannel() {
  const { port1, port2 } = new MessageChannel();
  expose(trialJobs, port1 as unknown as Endpoint);
  return {
    jobs: wrap<TrialJobs>(port2 as unknown as Endpoint),
    close: () => {
      port1.close();
      port2.close();
    },
  };
}

describe('the trial worker', () => {
  const { jobs, close } = acrossAChannel();
  afterEach(close);

  it('gives the same runs in shares as in one piece, and takes the build only once', async () => {
    const build = demoBuild('harbour-tug');
    const outing = {
      ...outingsOf(build).find((candidate) => candidate.id === 'full-lock-reversals')!,
      seconds: 3,
    };
    const task = usualTask(outing);
    const run = await jobs.run(build, task);
    if (!run.ok) throw new Error(run.problem.reason);
    expect(run.value.figures.brownOuts).toBe(0);
    expect(run.value.rails[0]!.values.length).toBe(run.value.slices);

    const share = await jobs.tolerance(build, task, run.value.estimates, 7);
    const [first, rest, whole] = [
      await share.samples(0, 1),
      await share.samples(1, 3),
      await share.samples(0, 4),
    ];
    share[releaseProxy]();
    expect([...first, ...rest]).toEqual(whole);
    expect(new Set(whole.map((toleranceSample) => toleranceSample.figures.railMinVolts)).size).toBe(4);
  });
});
