import type { BuildIndex } from '../../model/plan/build-index';
import type { Finding, Settling, Unknown } from '../findings/finding';
import { fittingSubject } from '../findings/report';
import { waysToKnow } from './ways-to-know';

/** A fact, and how many verdicts hang on it. */
interface Awaited {
  gap: Unknown;
  /** How many other parts of the same sheet it is asked of as well. */
  more: number;
  verdicts: number;
}

/**
 * Missing facts, each once, and those of one sheet once for all parts that have it: one answer serves them alike. The
 * one that would settle most verdicts comes first.
 */
export function askedFacts(index: BuildIndex, unknowns: readonly Unknown[]): Awaited[] {
  const facts = new Map<string, { gap: Unknown; alike: Set<string>; rules: Set<string> }>();
  for (const gap of unknowns) {
    const key = sheetKey(index, gap);
    const fact = facts.get(key) ?? { gap, alike: new Set<string>(), rules: new Set<string>() };
    fact.alike.add(gap.missing);
    fact.rules.add(gap.rule);
    facts.set(key, fact);
  }
  return [...facts.values()]
    .map(({ gap, alike, rules }) => ({ gap, more: alike.size - 1, verdicts: rules.size }))
    .sort((a, b) => b.verdicts - a.verdicts);
}

/** What is asked, with the part's sheet in the place of its name where the sheet answers it. */
function sheetKey(index: BuildIndex, { missing, asked = 'sheet', subjects }: Unknown): string {
  if (asked !== 'sheet') return missing;
  return subjects.reduce((words, { kind, id }) => {
    if (kind !== 'fitting' || !index.has(id)) return words;
    const { name, part } = index.get(id).fitting;
    return words.replace(name, part);
  }, missing);
}

/** Minutes that it takes to look at a label. */
const readMinutes = 2;

/** A figure that open verdicts hang on, how many of them it settles, and how long it takes to measure. */
export interface OpenQuestion {
  settling: Settling;
  settles: number;
  /** `undefined` where it can only be read. */
  minutes: number | undefined;
}

/** The figures that open verdicts hang on, each once, those that settle most first. */
export function openQuestions(findings: readonly Finding[]): OpenQuestion[] {
  const asked = new Map<string, OpenQuestion>();
  for (const { open, accepted } of findings) {
    const settling = accepted ? undefined : open?.settles;
    if (!settling) continue;
    const { settles } = asked.get(settling.key) ?? { settles: 0 };
    const minutes = waysToKnow[settling.name]?.measure?.minutes;
    asked.set(settling.key, { settling, settles: settles + 1, minutes });
  }
  const quick = ({ settles, minutes = readMinutes }: OpenQuestion) => settles / minutes;
  return [...asked.values()].sort((a, b) => b.settles - a.settles || quick(b) - quick(a));
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
    more: 0,
    verdicts: most.resting.length,
  };
}
