import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Report } from '../findings/report';
import { signalGroundOf } from '../../model/kinds';
import { offerRestoredWire } from '../put-right/restore-wire';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'groundMissing' | 'signalGroundMissing';

/** A part whose plus is live but whose minus leads back to no source, or whose signal has no ground in common. */
export const commonGround = defineRule<Message>({
  meta: {
    id: 'common-ground',
    well: 'connection',
    title: 'A ground common to source, part and receiver',
    messages: {
      groundMissing: {
        severity: 'stop',
        bound: 'least',
        short: 'no ground',
        text: 'the {{part}} has no ground back to what feeds it',
        why: 'No current flows without a way back: the part is dead, or twitches as current finds a way through its signal wire.',
      },
      signalGroundMissing: {
        severity: 'stop',
        bound: 'least',
        short: 'no ground in common',
        text: 'the {{part}} and the {{receiver}} have no ground in common',
        why: 'A signal is measured against ground: without one it jitters, runs by itself, or does nothing.',
      },
    },
  },
  check(context) {
    return [...powerGrounds(context), ...signalGrounds(context)];
  },
});

const groundTerms = [plannedTerm('ways back', 0, 'grounds'), plannedTerm('ways needed', 1, 'grounds')];

const powerGrounds = ({ survey, index }: Reading): Report<Message>[] =>
  survey.supplies
    .filter((supply) => supply.status === 'noGround')
    .map(({ fitted }) => ({
      messageId: 'groundMissing',
      data: { part: fitted.fitting.name },
      subjects: [fittingSubject(fitted.fitting.id)],
      actual: 0,
      limit: 1,
      unit: 'grounds',
      formula: 'whole conductors that lead from its minus to the minus of its source',
      terms: groundTerms,
      offers: () => offerRestoredWire(index, fitted),
    }));

/** Parts that get their power, and a signal that is measured against nothing. */
function signalGrounds({ survey, index }: Reading): Report<Message>[] {
  return survey.signals.flatMap(({ device, receiver }): Report<Message>[] => {
    const { id, name } = device.fitting;
    const net = signalGroundOf(device.part);
    const ground = survey.nets.node(receiver.fitting.id, 'ground');
    const status = survey.supplyOf(id)?.status;
    // Without power or power ground there is another finding, or none yet.
    if (net === undefined || status !== 'fed' || survey.nets.node(id, net) === ground) return [];
    return [
      {
        messageId: 'signalGroundMissing',
        data: { part: name, receiver: receiver.fitting.name },
        subjects: [fittingSubject(id), fittingSubject(receiver.fitting.id)],
        actual: 0,
        limit: 1,
        unit: 'grounds',
        formula: 'whole conductors that lead from the ground of its signal to the receiver’s',
        terms: groundTerms,
        offers: () => offerRestoredWire(index, device),
      },
    ];
  });
}
