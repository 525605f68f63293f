import { mixLimit } from '../limits/radio';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerTransmitters } from '../put-right/swap-radio';
import { askedMixes } from '../../reading/radio/asked-settings';
import type { Reading } from '../../reading/build-reading/reading';
import { radiosOf, type Radio } from '../../reading/radio/radios';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'tooFewMixes';

/** Mixes that the channels ask for, against those that the transmitter can be set to. */
export const mixCount = defineRule<Message>({
  meta: {
    id: 'mix-count',
    well: 'control',
    title: 'Mixes asked for against those of the transmitter',
    messages: {
      tooFewMixes: {
        severity: 'stop',
        bound: 'most',
        short: '{{actual}} needed, {{limit}} there',
        text: 'the channels ask for more mixes than the {{transmitter}} has',
        why: 'One of them cannot be set, and what should move together does not: a model with a motor each side goes straight on.',
      },
    },
  },
  check(context) {
    return radiosOf(context).flatMap((radio) => radioReport(context, radio));
  },
});

function radioReport(context: Reading, radio: Radio): (Report<Message> | Missing)[] {
  const asked = askedMixes(radio);
  const { transmitter } = radio;
  if (!transmitter || asked === 0) return [];
  const { fitting, part } = transmitter;
  const subjects = [fittingSubject(fitting.id)];
  if (part.freeMixes === undefined) return [{ missing: `how many mixes the ${fitting.name} has`, subjects }];
  if (!mixLimit(part, asked)?.passed) return [];
  const report: Report<Message> = {
    messageId: 'tooFewMixes',
    data: { transmitter: fitting.name },
    subjects,
    actual: asked,
    limit: part.freeMixes,
    unit: 'mixes',
    formula: 'shares that channels have in functions which are not their own, against free mixes',
    terms: [
      plannedTerm('shares of other functions in the channels', asked, 'mixes'),
      plannedTerm(`free mixes of the ${fitting.name}`, part.freeMixes, 'mixes'),
    ],
    offers: () =>
      offerTransmitters(
        context,
        transmitter,
        (other) => other.freeMixes !== undefined && !mixLimit(other, asked)?.passed,
      ),
  };
  return [report];
}
