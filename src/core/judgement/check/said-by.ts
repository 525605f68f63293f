import type { Reading } from '../../reading/build-reading/reading';
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
      else said.reports.push(each);
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
