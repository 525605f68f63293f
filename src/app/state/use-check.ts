import { useMemo } from 'react';
import type { Build } from '../../core/model/plan/build';
import { checkBuild, withFindings } from '../../core/judgement/check/check-build';
import type { CheckResult } from '../../core/judgement/check/check-result';
import type { Finding } from '../../core/judgement/findings/finding';
import { useBuild } from './shown-build';
import { useTrialFindings } from './trial-findings-store';
import { useLocker } from './locker-store';

// Neither a build nor the list of a locker ever changes, so what was worked out for both stays true.
const known = new WeakMap<object, WeakMap<Build, CheckResult>>();

/** The verdict on a build, worked out once. Its put-rights are tried in the worker. */
export function checkOf(build: Build): CheckResult {
  const { parts } = useLocker.getState();
  let ofLocker = known.get(parts);
  if (!ofLocker) known.set(parts, (ofLocker = new WeakMap<Build, CheckResult>()));
  let check = ofLocker.get(build);
  if (!check) ofLocker.set(build, (check = checkBuild(build, parts)));
  return check;
}

/** The verdict on the open build, with what its last outing found, followed as it and the locker change. */
export function useCheck(): CheckResult {
  useLocker((state) => state.parts);
  const build = useBuild();
  const check = checkOf(build);
  const found = useRehearsed();
  return useMemo(() => withFindings(check, found), [check, found]);
}

/** What the last outing of the open build found. */
export function useRehearsed(): readonly Finding[] {
  const build = useBuild();
  const rehearsed = useTrialFindings();
  return rehearsed.build === build ? rehearsed.findings : none;
}

const none: readonly Finding[] = [];
