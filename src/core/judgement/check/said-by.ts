import { readAlike } from '../../base/quantity/compare';
import type { Reading } from '../../reading/build-reading/reading';
import { isMeasured } from '../findings/finding-words';
import type { Missing, Report } from '../findings/report';
import type { Rule } from '../rules/rule';

/** What one rule says of a build: its troubles, and the facts that it misses. */
export interface Said {
  reports: Report<string>[];
  missing: Missing[];
}

/** What one rule says. A rule that fails is told as a fact that is missing; the others go on. */
export function saidBy(rule: Rule, context: Reading): Said {
  const said: Said = { reports: [], missing: [] };
  try {
    for (const each of rule.check(context))
      if ('missing' in each) said.missing.push(each);
      else if (!isNoTrouble(rule, each)) said.reports.push(each);
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return {
      reports: [],
      missing: [
        { missing: `${rule.meta.title}: could not be judged (${why})`, subjects: [], asked: 'wiring' },
      ],
    };
  }
  return said;
}

/** Two measured figures that read the same as they are shown are no trouble. */
function isNoTrouble({ meta }: Rule, { messageId, actual, limit, unit }: Report<string>): boolean {
  return meta.messages[messageId]?.bound !== 'exactly' && isMeasured(unit) && readAlike(actual, limit, unit);
}
