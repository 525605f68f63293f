import { leadAmps, weakestPlug } from '../../reading/build-reading/lead-load';
import type { Reading } from '../../reading/build-reading/reading';
import { isOver } from '../../base/quantity/compare';
import { fittingSubject, leadSubject, type Report } from '../findings/report';
import type { Lead } from '../../model/plan/lead';
import { offerOtherOutlet } from '../put-right/other-outlet';
import { offerRelief } from '../put-right/own-regulator';
import { defineRule } from './rule';
import { plannedTerm, solvedTerm } from './support/terms';

/** What a contact stands for seconds, over what it carries all the time: rule of thumb. */
const burst = 1.5;

type Message = 'overloaded' | 'overloadedForSeconds';

/** Amps through every contact against what its connector carries: for minutes, and for seconds. */
export const contactAmps = defineRule<Message>({
  meta: {
    id: 'contact-amps',
    well: 'current',
    title: 'Amps through every contact against its connector',
    messages: {
      overloaded: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} through contacts for {{limit}}',
        text: 'the plug between the {{from}} and the {{to}} carries more than its contacts stand',
        why: 'Contacts heat, lose their spring and their plating, and one day the housing melts.',
      },
      overloadedForSeconds: {
        severity: 'mind',
        bound: 'most',
        numbers: '{{actual}} through contacts for {{limit}}',
        text: 'the plug between the {{from}} and the {{to}} carries more than its contacts stand even for seconds',
        why: 'At the worst second it loses volts just when they are needed; often repeated it wears out.',
      },
    },
  },
  check(context) {
    return context.build.leads.flatMap((lead) => checkLead(context, lead));
  },
});

function checkLead(context: Reading, lead: Lead): Report<Message>[] {
  const { index } = context;
  const weakest = weakestPlug(context, lead);
  const worst = leadAmps(context, lead, 'worst');
  if (!isOver(worst, weakest.amps, 'A')) return [];
  const steady = leadAmps(context, lead, 'steady');
  const isLasting = isOver(steady, weakest.amps, 'A');
  if (!isLasting && !isOver(worst, weakest.amps * burst, 'A')) return [];
  const limit = isLasting ? weakest.amps : weakest.amps * burst;
  const actual = isLasting ? steady : worst;
  return [
    {
      messageId: isLasting ? 'overloaded' : 'overloadedForSeconds',
      data: {
        from: index.get(lead.from.fitting).fitting.name,
        to: index.get(lead.to.fitting).fitting.name,
      },
      subjects: [leadSubject(lead.id), fittingSubject(lead.from.fitting), fittingSubject(lead.to.fitting)],
      actual,
      limit,
      unit: 'A',
      formula: isLasting
        ? 'amps for minutes through one contact, solved, against what it carries all the time'
        : `amps at the worst second through one contact, solved, against ${burst} × what it carries all the time (rule of thumb)`,
      terms: [
        solvedTerm('for minutes', steady, 'A'),
        solvedTerm('at the worst second', worst, 'A'),
        {
          ...plannedTerm(weakest.name, weakest.amps, 'A'),
          provenance: 'estimated',
          note: 'usual for its form and size',
        },
      ],
      offers: () => [...offerOtherOutlet(context, lead), ...offerRelief(context, lead)],
    },
  ];
}
