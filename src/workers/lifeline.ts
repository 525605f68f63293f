import { wrap, type Endpoint, type Remote } from 'comlink';

/** What a lifeline needs of a worker. */
type WorkerLike = Endpoint & {
  addEventListener: (type: 'error', listener: (event: { message?: string }) => void) => void;
  terminate: () => void;
};

/** A worker broke down: its script failed, or it ran out of memory. */
class WorkerBroke extends Error {
  override name = 'WorkerBroke';
}

interface Line<Jobs> {
  jobs: Remote<Jobs>;
  /** Never comes to anything but the breakdown. */
  broke: Promise<never>;
  end: (why: string) => void;
}

/** Milliseconds that a job nobody waits for may still take before its worker is ended: starting another takes as long. */
const grace = 250;

/** A worker that is started when it is first needed, and started anew where it broke down. */
export class Lifeline<Jobs> {
  private line: Line<Jobs> | undefined;

  constructor(private readonly start: () => WorkerLike) {}

  /**
   * Does a job; where the worker breaks down under it, once more with a new one.
   * @param signal calls it off: that is answered at once, and a worker that goes on with it is ended
   * @throws what the job throws, that the worker broke down twice, or why it was called off
   */
  async do<T>(job: (jobs: Remote<Jobs>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    signal?.throwIfAborted();
    try {
      return await this.once(job, signal);
    } catch (error) {
      if (!(error instanceof WorkerBroke)) throw error;
      signal?.throwIfAborted();
      return await this.once(job, signal);
    }
  }

  private async once<T>(job: (jobs: Remote<Jobs>) => Promise<T>, signal?: AbortSignal): Promise<T> {
    const line = (this.line ??= this.open());
    const work = job(line.jobs);
    // Whoever called it off does not hear how it ended.
    work.catch(() => undefined);
    const calledOff = new Promise<never>((_, reject) =>
      signal?.addEventListener('abort', () => {
        reject(signal.reason as Error);
        const timer = setTimeout(() => this.drop(line, 'called off'), grace);
        work.finally(() => clearTimeout(timer)).catch(() => undefined);
      }),
    );
    try {
      return await Promise.race([work, line.broke, calledOff]);
    } catch (error) {
      if (error instanceof WorkerBroke) this.drop(line, error.message);
      throw error;
    }
  }

  /** Ends a worker. What else it had in hand is done again on a new one. */
  private drop(line: Line<Jobs>, why: string): void {
    if (this.line !== line) return;
    this.line = undefined;
    line.end(why);
  }

  private open(): Line<Jobs> {
    const worker = this.start();
    let fail!: (why: string) => void;
    const broke = new Promise<never>((_, reject) => {
      fail = (why) => reject(new WorkerBroke(`the worker broke down (${why})`));
    });
    worker.addEventListener('error', ({ message }) => fail(message ?? 'no reason given'));
    // Whoever has no job under way when it breaks need not hear of it.
    broke.catch(() => undefined);
    const end = (why: string) => {
      worker.terminate();
      fail(why);
    };
    return { jobs: wrap<Jobs>(worker), broke, end };
  }
}
