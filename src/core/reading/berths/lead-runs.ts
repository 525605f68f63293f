import type { Lead, PortRef } from '../../model/plan/lead';
import { farEnd, type BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';

/** Leads and two-ended cables in a row, from one part that lies somewhere, or is a joint of several leads, to the next. */
export interface LeadRun {
  from: PortRef;
  to: PortRef;
  leads: Lead[];
  /** Adapters, extensions and fuses between them. */
  cables: Fitted<'cable'>[];
}

/** Whether a part hangs on its leads, and lies nowhere by itself. */
export const hangsOnLeads = ({ kind, part }: Fitted): boolean =>
  kind === 'cable' && part.kind === 'cable' && part.form !== 'switch';

/** Whether a part is carried by the model at all. */
const isAboard = ({ kind }: Fitted): boolean => kind !== 'transmitter';

/** Whether a part has to lie somewhere. */
export const needsPlace = (fitted: Fitted): boolean => isAboard(fitted) && !hangsOnLeads(fitted);

/** All leads of a build as runs, each lead in one of them. */
export function leadRuns(index: BuildIndex): LeadRun[] {
  const seen = new Set<string>();
  const passesOn = (fittingId: string): Fitted<'cable'> | undefined => {
    const fitted = index.get(fittingId);
    return fitted.kind === 'cable' && hangsOnLeads(fitted) && index.leadsOf(fittingId).length === 2
      ? fitted
      : undefined;
  };
  /** Goes on from the far end of a lead, as long as what is there only passes on. */
  const follow = (lead: Lead, start: PortRef) => {
    const leads: Lead[] = [];
    const cables: Fitted<'cable'>[] = [];
    let end = start;
    let last = lead;
    for (let cable = passesOn(end.fitting); cable; cable = passesOn(end.fitting)) {
      const next = index.leadsOf(end.fitting).find((each) => each !== last);
      if (!next || seen.has(next.id)) break;
      seen.add(next.id);
      cables.push(cable);
      leads.push(next);
      const near = next.from.fitting === end.fitting ? next.from : next.to;
      end = farEnd(next, near);
      last = next;
    }
    return { end, leads, cables };
  };
  return index.build.leads.flatMap((lead): LeadRun[] => {
    if (seen.has(lead.id)) return [];
    seen.add(lead.id);
    const back = follow(lead, lead.from);
    const on = follow(lead, lead.to);
    return [
      {
        from: back.end,
        to: on.end,
        leads: [...back.leads.reverse(), lead, ...on.leads],
        cables: [...back.cables.reverse(), ...on.cables],
      },
    ];
  });
}
