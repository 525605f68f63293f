import type { Finding } from '../../judgement/findings/finding';
import type { Step } from './step';

/** What holds a step: stops that are open, or an earlier step that is not done. */
export type HeldBy = { by: 'stops'; findings: Finding[] } | { by: 'step'; step: Step };
