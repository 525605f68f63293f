import { settingLimit } from '../limits/radio';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { offerTransmitters } from '../put-right/swap-radio';
import { askedSettings } from '../../reading/radio/asked-settings';
import { nameList } from '../../base/words/sentences';
import type { Reading } from '../../reading/build-reading/reading';
import { radiosOf, type Radio } from '../../reading/radio/radios';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'cannotBeSet';

/** What the plan sets on channels, against what the transmitter can set at all. */
export const channelSettingsRule = defineRule<Message>({
  meta: {
    id: 'channel-settings',
    well: 'control',
    title: 'Channel settings against those of the transmitter',
    messages: {
      cannotBeSet: {
        severity: 'stop',
        bound: 'most',
        short: 'cannot be set there',
        text: 'the plan sets {{settings}}, which the {{transmitter}} cannot',
        why: 'The plan counts on it, and at the bench it is missing: the part turns the wrong way, or too far.',
      },
    },
  },
  check(context) {
    return radiosOf(context).flatMap((radio) => radioReport(context, radio));
  },
});

function radioReport(context: Reading, radio: Radio): (Report<Message> | Missing)[] {
  const asked = [...askedSettings(radio).keys()];
  const { transmitter } = radio;
  if (!transmitter || asked.length === 0) return [];
  const { fitting, part } = transmitter;
  const subjects = [fittingSubject(fitting.id)];
  const limit = settingLimit(part, asked);
  // A fail-safe alone may be set on the receiver, while they are bound.
  if (!limit && asked.every((name) => name === 'fail-safe')) return [];
  if (!limit) return [{ missing: `what the ${fitting.name} sets on a channel`, subjects }];
  const { lacking } = limit;
  if (!limit.passed) return [];
  const report: Report<Message> = {
    messageId: 'cannotBeSet',
    data: { settings: nameList(lacking), transmitter: fitting.name },
    subjects,
    actual: lacking.length,
    limit: 0,
    unit: 'settings',
    formula: 'kinds of settings in the plan that the sheet of the transmitter does not list',
    terms: [
      plannedTerm('kinds of settings in the plan', asked.length, 'settings'),
      plannedTerm(`of them on the sheet of the ${fitting.name}`, asked.length - lacking.length, 'settings'),
    ],
    offers: () =>
      offerTransmitters(context, transmitter, (other) => settingLimit(other, asked)?.lacking.length === 0),
  };
  return [report];
}
