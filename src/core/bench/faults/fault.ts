import type { Edit } from '../../model/plan/edits';

/** What is wrong with a model that was to be as planned: what the solver and the signal chain make of it tells what is seen. */
export interface Harm {
  /** What was done otherwise than planned: read like any build. */
  edits?: readonly Edit[];
  /** Parts of the network that are not there: a regulator that gives nothing, by `<fitting>.bec`, or a dead part. */
  missing?: readonly string[];
  /** Ohms that stand in one wire, by `<lead>.<contact>`. */
  ohms?: { wire: string; ohms: number };
  /** Charge of the packs, 0 to 1. */
  charge?: number;
  /** Receivers that do not hear their transmitter, by id. */
  deaf?: readonly string[];
  /** A servo that turns inside, and whose arm stands still. */
  stripped?: string;
  /** A controller that takes its pack for empty as soon as it works. */
  cutsOut?: string;
}

/** One thing that may be wrong with this very model. */
export interface Fault {
  /** Stable while the fault is about the same parts: `plug-off:lead-3`. */
  id: string;
  /** One sentence: `The plug of the rudder is off port 1`. */
  label: string;
  /** How likely it is before anything was looked at, against the others. */
  weight: number;
  harm: Harm;
  /** What a look shows, by the test that looks at it; everything else looks as planned. */
  seen: Readonly<Record<string, string>>;
  /** What puts it right. */
  cure: string;
  /** Fittings and leads that it is about: what was just changed is the likelier. */
  touches: readonly string[];
}

/** Weights of faults before anything was looked at: engineering practice at the bench. */
export const weights = {
  plug: 10,
  arming: 10,
  supply: 8,
  port: 8,
  reversed: 8,
  redWire: 6,
  link: 6,
  endPoint: 4,
  misread: 4,
  joint: 3,
  fuse: 3,
  swapped: 3,
  cutOff: 3,
  regulator: 2,
  servo: 2,
  phase: 2,
  factory: 0.5,
} as const;

/** What was just changed is so much likelier. */
export const justChanged = 5;
