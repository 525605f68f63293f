import type { Moment, Watcher } from './watch/watcher';

/** How fast the model goes: the speed of its body in the network, or none where nothing moves it. */
export class ModelSpeed implements Watcher {
  metresPerSecond = 0;
  /** The fastest that it went, either way. */
  top = 0;

  /** @param index of the body's speed among the unknowns */
  constructor(private readonly index: number | undefined) {}

  /** Whether anything moves the model. */
  get isThere(): boolean {
    return this.index !== undefined;
  }

  look({ x }: Moment): boolean {
    if (this.index === undefined) return false;
    this.metresPerSecond = x[this.index]!;
    this.top = Math.max(this.top, Math.abs(this.metresPerSecond));
    return false;
  }

  events(): [] {
    return [];
  }
}
