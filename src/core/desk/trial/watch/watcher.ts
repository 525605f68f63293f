import type { TrialEvent } from '../trial-result';

/** The end of a step, as a watcher sees it. */
export interface Moment {
  time: number;
  step: number;
  x: Float64Array;
}

/** Looks at every step of an outing, and may switch something in the model. */
export interface Watcher {
  /** @returns whether it switched something, so that the course has to begin anew from here */
  look(moment: Moment): boolean;
  /** What it saw, once the outing is over. */
  events(): TrialEvent[];
}

/** Stretches of time in which something was so; short gaps between them are closed. */
export class Stretches {
  readonly all: { at: number; until: number }[] = [];
  private isOpen = false;

  /** @param gap seconds up to which two stretches count as one */
  constructor(private readonly gap: number) {}

  note(isSo: boolean, { time, step }: Pick<Moment, 'time' | 'step'>): void {
    const last = this.all.at(-1);
    if (isSo && !this.isOpen && last && time - last.until <= this.gap) last.until = time;
    else if (isSo && !this.isOpen) this.all.push({ at: time - step, until: time });
    else if (isSo && last) last.until = time;
    this.isOpen = isSo;
  }

  /** Seconds in all. */
  get seconds(): number {
    return this.all.reduce((sum, other) => sum + other.until - other.at, 0);
  }
}
