import type { Reading } from '../../reading/build-reading/reading';
import type { Finding, Unknown } from '../findings/finding';
import type { Well, WellReport } from '../findings/wells';

/** The whole verdict on one build. */
export interface CheckResult {
  wells: Record<Well, WellReport>;
  /** Worst first. Their put-rights are previewed when they are first looked at: only cures are among them. */
  findings: Finding[];
  unknowns: Unknown[];
  /** Whether anything is planned yet: a pack that feeds something. */
  isBegun: boolean;
  context: Reading;
  /** The same with each figure that nobody told at the worse end of its range. */
  cautious: Reading;
  /** The same with each such figure as it usually is; `context` itself where all is known. */
  likely: Reading;
}
