import type { Build } from '../plan/build';
import { BuildIndex } from '../survey/build-index';
import { describeEdit } from './describe-edit';
import type { Patch } from '../plan/patch';
import type { CheckResult } from './check-result';
import type { Finding } from '../findings/finding';
import { wells, type Well } from '../findings/wells';

/** What a patch would do, before it is taken. */
export interface PatchPreview {
  patch: Patch;
  after: CheckResult;
  /** Findings that would go, and that would come. */
  gone: Finding[];
  come: Finding[];
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
  const open = (result: CheckResult) => result.findings.filter((one) => !one.accepted);
  const ids = (result: CheckResult) => new Set(open(result).map((one) => one.id));
  const [idsBefore, idsAfter] = [ids(before), ids(after)];
  const index = new BuildIndex(build);
  const added = new Map(
    patch.edits.flatMap((edit) =>
      edit.type === 'addFitting' ? [[edit.fitting.id, `the new ${edit.fitting.name}`]] : [],
    ),
  );
  return {
    patch,
    after,
    gone: open(before).filter((one) => !idsAfter.has(one.id)),
    come: open(after).filter((one) => !idsBefore.has(one.id)),
    dries: wells.filter((well) => before.wells[well].state !== 'dry' && after.wells[well].state === 'dry'),
    changes: patch.edits.map((edit) => describeEdit(index, edit, added)),
  };
}

/** The short words on a put-right button: `dries 2, leaves 1 new`. */
export function previewWords({ gone, come }: PatchPreview): string {
  const words = [gone.length > 0 ? `dries ${gone.length}` : 'dries none yet'];
  if (come.length > 0) words.push(`brings ${come.length}`);
  return words.join(', ');
}
