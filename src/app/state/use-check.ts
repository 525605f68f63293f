import type { Build } from '../../core/build/build';
import type { Patch } from '../../core/build/patch';
import { checkBuild, type CheckResult } from '../../core/check/check-build';
import { previewPatch, type PatchPreview } from '../../core/check/preview';
import { starterLocker } from '../../core/starter/starter-locker';
import { useBuild } from './build-store';

// A build never changes, so what was worked out for it stays true as long as it is around.
const checks = new WeakMap<Build, CheckResult>();
const previews = new WeakMap<Build, Map<string, PatchPreview>>();

/** The verdict on a build, worked out once. */
export function checkOf(build: Build): CheckResult {
  const known = checks.get(build);
  if (known) return known;
  const result = checkBuild(build, starterLocker);
  checks.set(build, result);
  return result;
}

/** What a patch would do to a build, worked out once. */
export function previewOf(build: Build, patch: Patch): PatchPreview {
  const known = previews.get(build) ?? new Map<string, PatchPreview>();
  previews.set(build, known);
  const preview = known.get(patch.id) ?? previewPatch(build, checkOf(build), patch, starterLocker);
  known.set(patch.id, preview);
  return preview;
}

export const useCheck = (): CheckResult => checkOf(useBuild());
