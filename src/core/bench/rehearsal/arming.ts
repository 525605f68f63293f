/** A tone that a controller sounds. */
export interface Tone {
  /** What it tells: power came, one more cell, armed, or still waiting. */
  means: 'power' | 'cell' | 'armed' | 'waiting';
  hertz: number;
  seconds: number;
}

const tones: Record<Tone['means'], Tone> = {
  power: { means: 'power', hertz: 880, seconds: 0.25 },
  cell: { means: 'cell', hertz: 1320, seconds: 0.12 },
  armed: { means: 'armed', hertz: 1760, seconds: 0.5 },
  waiting: { means: 'waiting', hertz: 660, seconds: 0.15 },
};

/** Seconds from power to the first tone, between tones, and between those of a controller that waits. */
const first = 0.4;
const between = 0.3;
const waitEvery = 1.2;
/** Seconds that the stick must stand where it arms. */
const steadyFor = 0.5;

/** A controller from power to armed: one tone for power, one for each cell, one for armed; it beeps on while its stick stands elsewhere. */
export class Arming {
  private seconds = 0;
  private sounded = 0;
  private steady = 0;
  private lastWait = 0;
  isArmed = false;

  /** @param cells of its pack, sounded one by one */
  constructor(private readonly cells: number) {}

  /**
   * Goes on by some seconds.
   * @param isAwake it has its volts
   * @param isAtZero its pulse is there and stands where it arms
   * @returns the tones that it sounds in them
   */
  step(seconds: number, isAwake: boolean, isAtZero: boolean): Tone[] {
    if (!isAwake) {
      this.seconds = this.sounded = this.steady = this.lastWait = 0;
      this.isArmed = false;
      return [];
    }
    this.seconds += seconds;
    const due = Math.floor((this.seconds - first) / between) + 1;
    const now: Tone[] = [];
    while (this.sounded < Math.min(due, 1 + this.cells)) {
      now.push(tones[this.sounded === 0 ? 'power' : 'cell']);
      this.sounded += 1;
    }
    if (this.isArmed || this.sounded <= this.cells) return now;
    this.steady = isAtZero ? this.steady + seconds : 0;
    if (this.steady >= steadyFor) {
      this.isArmed = true;
      now.push(tones.armed);
    } else if (!isAtZero && this.seconds - this.lastWait >= waitEvery) {
      this.lastWait = this.seconds;
      now.push(tones.waiting);
    }
    return now;
  }
}
