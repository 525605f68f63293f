import { useEffect } from 'react';
import { trialFindings } from '../../core/desk/trial/trial-findings';
import { useBuild } from '../state/shown-build';
import { useTrialFindings, type Rehearsal } from '../state/trial-findings-store';
import { checkOf } from '../state/use-check';
import { useTrial } from './use-trial';

/** Takes the build through the outing that was looked at last whenever it changes, so that the wells know. */
export default function KeepRehearsing({ rehearsal }: { rehearsal: Rehearsal }) {
  const build = useBuild();
  const { result, isStale } = useTrial(build, rehearsal.task);
  useEffect(() => {
    if (!result || isStale) return;
    const findings = trialFindings(checkOf(build).context, result, rehearsal.outingName);
    useTrialFindings.setState({
      build,
      findings,
      quoted: { outing: rehearsal.outingName, figures: result.figures },
    });
  }, [build, result, isStale, rehearsal.outingName]);
  return null;
}
