import { expose } from 'comlink';
import { describe, expect, it } from 'vitest';
import { Lifeline } from './lifeline';

const jobs = { double: (value: number) => 2 * value, never: () => new Promise<never>(() => undefined) };

/** Workers on the other side of a channel, with a switch that breaks the newest; the first ones break under a job without end. */
function made(breaksAtOnce = 0) {
  const started: { break: () => void }[] = [];
  const ended: number[] = [];
  const lifeline = new Lifeline<typeof jobs>(() => {
    const { port1, port2 } = new MessageChannel();
    const listeners: ((event: { message: string }) => void)[] = [];
    const n = started.length;
    const fail = () => listeners.forEach((tell) => tell({ message: 'out of memory' }));
    const never = () => {
      if (n < breaksAtOnce) fail();
      return jobs.never();
    };
    expose({ ...jobs, never }, port1);
    const worker = Object.assign(port2, {
      addEventListener(type: string, listener: never) {
        if (type === 'error') listeners.push(listener);
        else MessagePort.prototype.addEventListener.call(port2, type, listener);
      },
      terminate: () => {
        ended.push(n);
        port1.close();
      },
    });
    started.push({ break: fail });
    return worker;
  });
  return { lifeline, started, ended, close: () => lifeline.do((line) => line.double(0)) };
}

describe('a lifeline', () => {
  it('starts one worker for many jobs', async () => {
    const { lifeline, started } = made();
    expect(await lifeline.do((line) => line.double(4))).toBe(8);
    expect(await lifeline.do((line) => line.double(5))).toBe(10);
    expect(started).toHaveLength(1);
  });

  it('does a job again on a new worker where the first broke down under it', async () => {
    const { lifeline, started, ended } = made(1);
    let turn = 0;
    const job = lifeline.do((line) => (turn++ === 0 ? line.never() : line.double(3)));
    expect(await job).toBe(6);
    expect([started.length, ended]).toEqual([2, [0]]);
  });

  it('says so where the second breaks down too, and works again after', async () => {
    const { lifeline } = made(2);
    await expect(lifeline.do((line) => line.never())).rejects.toThrow('broke down (out of memory)');
    expect(await lifeline.do((line) => line.double(7))).toBe(14);
  });

  it('passes on what a job itself throws, without trying again', async () => {
    const { lifeline, started } = made();
    await expect(lifeline.do(() => Promise.reject(new Error('no such build')))).rejects.toThrow(
      'no such build',
    );
    expect(started.length).toBe(1);
  });

  it('answers at once where a job is called off, and ends a worker that goes on with it', async () => {
    const { lifeline, ended } = made();
    const control = new AbortController();
    const long = lifeline.do((line) => line.never(), control.signal);
    const beside = lifeline.do((line) => line.double(2));
    control.abort();
    await expect(long).rejects.toThrow('aborted');
    expect(await beside).toBe(4);
    await expect.poll(() => ended).toEqual([0]);
    expect(await lifeline.do((line) => line.double(6))).toBe(12);
  });

  it('keeps the worker where what was called off is done in a moment', async () => {
    const { lifeline, ended } = made();
    const control = new AbortController();
    const job = lifeline.do((line) => line.double(2), control.signal);
    control.abort();
    await expect(job).rejects.toThrow('aborted');
    await new Promise((resolve) => setTimeout(resolve, 400));
    expect(ended).toEqual([]);
  });
});
