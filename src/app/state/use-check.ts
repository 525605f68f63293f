import { useMemo } from 'react';
import type { Build } from '../../core/plan/build';
import type { Patch } from '../../core/plan/patch';
import { costsIn } from '../../core/locker/to-buy';
import { checkBuild, previewPatch, withFindings } from '../../core/check/check-build';
import type { CheckResult } from '../../core/check/check-result';
import type { Finding } from '../../core/findings/finding';
import type { PatchPreview } from '../../core/check/preview';
import { useBuild } from './build-store';
import { useTrialFindings } from './trial-findings-store';
import { useLocker } from './locker-store';

interface Known {
  check: CheckResult;
  previews: Map<string, PatchPreview>;
}

// Neither a build nor the list of a locker ever changes, so what was worked out for both stays true.
const known = new WeakMap<object, WeakMap<Build, Known>>();

function knownOf(build: Build): Known {
  const { parts, items } = useLocker.getState();
  let ofLocker = known.get(parts);
  if (!ofLocker) known.set(parts, (ofLocker = new WeakMap<Build, Known>()));
  let one = ofLocker.get(build);
  if (!one)
    ofLocker.set(
      build,
      (one = { check: checkBuild(build, parts, costsIn(items)), previews: new Map<string, PatchPreview>() }),
    );
  return one;
}

/** The verdict on a build, worked out once. */
export const checkOf = (build: Build): CheckResult => knownOf(build).check;

/** What a patch would do to a build, worked out once. */
export function previewOf(build: Build, patch: Patch): PatchPreview {
  const { check, previews } = knownOf(build);
  const preview = previews.get(patch.id) ?? previewPatch(build, check, patch, useLocker.getState().parts);
  previews.set(patch.id, preview);
  return preview;
}

/** The verdict on the open build, with what its last outing found, followed as it and the locker change. */
export function useCheck(): CheckResult {
  useLocker((state) => state.parts);
  const build = useBuild();
  const check = checkOf(build);
  const rehearsed = useTrialFindings();
  const found = rehearsed.build === build ? rehearsed.findings : none;
  return useMemo(() => withFindings(check, found), [check, found]);
}

const none: readonly Finding[] = [];
