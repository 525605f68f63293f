import type { BuildIndex } from '../../model/plan/build-index';
import type { Finding, Unknown } from '../findings/finding';
import { fittingSubject } from '../findings/report';

/** A fact, and how many verdicts hang on it. */
interface Awaited {
  gap: Unknown;
  verdicts: number;
}

/** Missing facts, each once: the one that would settle most verdicts comes first. */
export function askedFacts(unknowns: readonly Unknown[]): Awaited[] {
  const facts = new Map<string, { gap: Unknown; rules: Set<string> }>();
  for (const gap of unknowns) {
    const fact = facts.get(gap.missing) ?? { gap, rules: new Set<string>() };
    fact.rules.add(gap.rule);
    facts.set(gap.missing, fact);
  }
  return [...facts.values()]
    .map(({ gap, rules }) => ({ gap, verdicts: rules.size }))
    .sort((a, b) => b.verdicts - a.verdicts);
}

/** The part whose estimated figures most open verdicts rest on; `undefined` where no verdict rests on one. */
export function mostEstimated(index: BuildIndex, findings: readonly Finding[]): Awaited | undefined {
  const open = findings.filter(({ accepted }) => !accepted);
  const counted = index.all().map((fitted) => {
    const { id, name } = fitted.fitting;
    const resting = open.filter(({ terms }) =>
      terms.some((term) => term.provenance === 'estimated' && term.name.split(',', 1)[0] === name),
    );
    return { id, name, resting };
  });
  const [most] = counted.sort((a, b) => b.resting.length - a.resting.length);
  const [first] = most?.resting ?? [];
  if (!most || !first) return undefined;
  return {
    gap: {
      rule: first.rule,
      well: first.well,
      missing: `what is estimated of the ${most.name}`,
      subjects: [fittingSubject(most.id)],
    },
    verdicts: most.resting.length,
  };
}
