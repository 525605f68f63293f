import type { Tone } from './arming';

/** How a part shows itself. */
export interface LivePart {
  id: string;
  name: string;
  kind: 'receiver' | 'controller' | 'servo' | 'motor' | 'load';
  volts: number;
  /** In a word or two. */
  state: string;
  /** Servos: degrees from the middle. Motors: share of their unloaded speed, ahead positive. Controllers: throttle. Loads: 0 or 1. */
  value: number;
  /** Pulse that it hears, in µs. */
  pulse: number | undefined;
  /** Motors: amps that its controller gives it. */
  amps?: number;
  /** Servos that are held: share of what they stand. */
  strain?: number;
  burnt?: string;
  /** Receivers: the least volts since the last step, and those under which it restarts. */
  sag?: { volts: number; floor: number };
  /** Controllers and motors: degrees Celsius. */
  celsius?: number;
}

export interface LiveView {
  parts: LivePart[];
  packAmps: number;
  /** Charge left in the emptiest pack, 0 to 1; nothing with the pack out. */
  charge: number | undefined;
  /** How fast the model goes, in m/s; nothing on its stand. */
  metresPerSecond: number | undefined;
  /** The solver could not follow it any further. */
  isUnsettled: boolean;
  /** What sheets are silent about, and the amps and volts leave out. */
  missing: readonly string[];
  /** What has just happened, in sentences: a fuse, too much heat, a cut-off. */
  news: string[];
  /** Tones sounded in this step, by controller. */
  tones: { controller: string; name: string; tone: Tone }[];
}
