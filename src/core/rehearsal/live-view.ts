import type { Tone } from './arming';

/** How a part shows itself. */
export interface LivePart {
  id: string;
  name: string;
  kind: 'receiver' | 'controller' | 'servo' | 'motor' | 'load';
  volts: number;
  /** In a word or two. */
  state: string;
  /** Servos: degrees from the middle. Motors: share of full, ahead positive. Loads: 0 or 1. */
  value: number;
  /** Pulse that it hears, in µs. */
  pulse: number | undefined;
  /** Motors: amps that its controller gives it. */
  amps?: number;
  /** Servos that are held: share of what they stand. */
  strain?: number;
  burnt?: string;
}

export interface LiveView {
  parts: LivePart[];
  packAmps: number;
  /** Tones sounded in this step, by controller. */
  tones: { controller: string; name: string; tone: Tone }[];
}
