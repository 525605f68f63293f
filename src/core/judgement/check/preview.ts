import type { Build } from '../../model/plan/build';
import { BuildIndex } from '../../model/plan/build-index';
import { describeEdit } from './describe-edit';
import type { Patch } from '../../model/plan/patch';
import type { CheckResult } from './check-result';
import type { Finding } from '../findings/finding';
import { wells, type Well, type WellReport } from '../findings/wells';

/** A finding, in a line. */
type Told = Pick<Finding, 'id' | 'text' | 'severity' | 'rule' | 'messageId' | 'margin'>;

/** What a patch would do, before it is taken; plain data, so that it can come from a worker. */
export interface PatchPreview {
  patch: Patch;
  /** The wells after it. */
  wells: Record<Well, WellReport>;
  /** Open stops after it. */
  stops: number;
  /** Ids of all findings after it, those that are lived with among them. */
  left: string[];
  /** Findings that would go, and that would come. */
  gone: Told[];
  come: Told[];
  /** Findings that stay, but no longer at the usual figures: only where what is not known is at its worst. */
  eased: Told[];
  /** Wells that would become dry. */
  dries: Well[];
  /** What changes, a line an edit. */
  changes: string[];
}

/** Sets the verdicts before and after a patch against each other. */
export function comparePatch(
  build: Build,
  before: CheckResult,
  patch: Patch,
  after: CheckResult,
): PatchPreview {
  const open = (result: CheckResult) => result.findings.filter((finding) => !finding.accepted);
  const ids = (result: CheckResult) => new Set(open(result).map((finding) => finding.id));
  const [idsBefore, idsAfter] = [ids(before), ids(after)];
  const likelyAfter = new Map(open(after).map((finding) => [finding.id, finding.open?.isLikely]));
  const index = new BuildIndex(build);
  const added = new Map(
    patch.edits.flatMap((edit) =>
      edit.type === 'addFitting' ? [[edit.fitting.id, `the new ${edit.fitting.name}`]] : [],
    ),
  );
  return {
    patch,
    wells: after.wells,
    stops: open(after).filter((finding) => finding.severity === 'stop').length,
    left: after.findings.map((finding) => finding.id),
    gone: open(before)
      .filter((finding) => !idsAfter.has(finding.id))
      .map(told),
    come: open(after)
      .filter((finding) => !idsBefore.has(finding.id))
      .map(told),
    eased: open(before)
      .filter((finding) => finding.open?.isLikely && likelyAfter.get(finding.id) === false)
      .map(told),
    dries: wells.filter((well) => before.wells[well].state !== 'dry' && after.wells[well].state === 'dry'),
    changes: patch.edits.map((edit) => describeEdit(index, edit, added)),
  };
}

const told = (finding: Finding): Told => ({
  id: finding.id,
  severity: finding.severity,
  rule: finding.rule,
  messageId: finding.messageId,
  margin: finding.margin,
  // What an open verdict says is worked out when it is read.
  get text() {
    return finding.text;
  },
});

/** Stops that a patch brings; one that stood before, of other parts too, is not its doing. */
export const newStops = ({ gone, come }: PatchPreview): Told[] =>
  come.filter(
    ({ severity, rule, messageId }) =>
      severity === 'stop' && gone.every((each) => each.rule !== rule || each.messageId !== messageId),
  );

/** The short words on a put-right button: `fixes 2, adds 1`. */
export function previewWords({ gone, eased, come }: PatchPreview): string {
  const words = gone.length > 0 ? [`fixes ${gone.length}`] : [];
  if (eased.length > 0) words.push(`eases ${eased.length}`);
  if (words.length === 0) words.push('fixes none yet');
  if (come.length > 0) words.push(`adds ${come.length}`);
  return words.join(', ');
}
