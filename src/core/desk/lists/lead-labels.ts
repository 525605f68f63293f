import type { Reading } from '../../reading/build-reading/reading';
import type { PortRef } from '../../model/plan/lead';
import { capital } from '../../base/words/sentences';
import { leadNumbers } from './lead-schedule';

/** A label for an end of a lead: what it is, where this end goes, and where the other is. */
export interface LeadLabel {
  number: string;
  here: string;
  there: string;
}

/** Two labels a lead, one for each end. */
export function leadLabels(context: Reading): LeadLabel[] {
  const { build, index } = context;
  const numbers = leadNumbers(context);
  const place = (ref: PortRef) => capital(index.portName(ref));
  return build.leads.flatMap(({ id, from, to }) => {
    const number = numbers.get(id) ?? '';
    return [
      { number, here: place(from), there: place(to) },
      { number, here: place(to), there: place(from) },
    ];
  });
}
