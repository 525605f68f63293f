/** What a question may be answered with. */
export interface Answer {
  id: string;
  words: string;
}

/** One thing to look at, to try or to measure on this very model. */
export interface BenchTest {
  /** Stable: `volts:rudder`. */
  id: string;
  /** What to do, in one or two sentences naming parts, ports and wires. */
  words: string;
  minutes: number;
  /** The pack is in while it is done. */
  isPowered: boolean;
  /** What may be seen; none where volts are read. */
  answers: readonly Answer[];
  /** The lead that it is about, to be drawn. */
  lead?: string;
  /** Volts: what a pack between full and empty adds to the error of a reading. */
  spread?: number;
}

/** Minutes of each sort of test: engineering practice at the bench. */
export const minutesOf = {
  lamp: 0.2,
  look: 0.4,
  stick: 0.3,
  tones: 0.5,
  display: 0.5,
  volts: 1,
  swap: 1.5,
  ohms: 2,
  joint: 7,
} as const;
