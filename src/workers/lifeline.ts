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
  end: () => void;
}

/** A worker that is started when it is first needed, and started anew where it broke down. */
export class Lifeline<Jobs> {
  private line: Line<Jobs> | undefined;

  constructor(private readonly start: () => WorkerLike) {}

  /**
   * Does a job; where the worker breaks down under it, once more with a new one.
   * @throws what the job throws, or that the worker broke down twice
   */
  async do<T>(job: (jobs: Remote<Jobs>) => Promise<T>): Promise<T> {
    try {
      return await this.once(job);
    } catch (error) {
      if (!(error instanceof WorkerBroke)) throw error;
      return await this.once(job);
    }
  }

  private async once<T>(job: (jobs: Remote<Jobs>) => Promise<T>): Promise<T> {
    const line = (this.line ??= this.open());
    try {
      return await Promise.race([job(line.jobs), line.broke]);
    } catch (error) {
      if (error instanceof WorkerBroke && this.line === line) {
        this.line = undefined;
        line.end();
      }
      throw error;
    }
  }

  private open(): Line<Jobs> {
    const worker = this.start();
    const broke = new Promise<never>((_, reject) =>
      worker.addEventListener('error', ({ message }) =>
        reject(new WorkerBroke(`the worker broke down (${message ?? 'no reason given'})`)),
      ),
    );
    // Whoever has no job under way when it breaks need not hear of it.
    broke.catch(() => undefined);
    return { jobs: wrap<Jobs>(worker), broke, end: () => worker.terminate() };
  }
}
