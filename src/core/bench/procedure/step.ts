import type { Unit } from '../../base/quantity/format';
import type { CautionId } from './cautions';

export const phases = [
  'prepare',
  'inspect',
  'regulate',
  'plugIn',
  'power',
  'setUp',
  'measure',
  'switchOff',
  'closeUp',
] as const;
export type Phase = (typeof phases)[number];

export const phaseNames: Record<Phase, string> = {
  prepare: 'Prepare and join, pack out',
  inspect: 'Check before power',
  regulate: 'Regulators, with nothing on the rail',
  plugIn: 'Plug in the channels, pack out',
  power: 'First power-up',
  setUp: 'Set up, one at a time',
  measure: 'Measure',
  switchOff: 'Switch off',
  closeUp: 'Close up and put away',
};

/** What a step asks to be measured, and the band it should fall in. */
export interface Measurement {
  what: string;
  unit: Unit;
  least: number;
  most: number;
}

/** One thing to do at the bench, for this build. */
export interface Step {
  /** Stable while the step is about the same parts. */
  id: string;
  phase: Phase;
  title: string;
  /** What to do, a line each, naming the parts, ports and channels. */
  lines: string[];
  cautions: CautionId[];
  /** Power is on during or after it: held while a `stop` is open. */
  needsPower: boolean;
  /** Later powered steps wait until this is done. */
  isHold: boolean;
  measurement?: Measurement;
  /** Fittings that it is to be done again for when another part takes their place. */
  touches: readonly string[];
  /** The lead it is about, to be drawn. */
  lead?: string;
}

/** What a step says, as kept with its tick: another text later means the step changed. */
export const stepText = (step: Step): string => [step.title, ...step.lines].join(' ').slice(0, 1000);
