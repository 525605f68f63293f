import type { Missing, Report } from '../findings/report';
import type { PartSpec } from '../../model/parts/part-spec';
import { offerOwnRegulator } from '../put-right/own-regulator';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';
import { voltsAgainstSheet, type VoltsMessage } from './support/limit-report';

/** Pack volts against everything that takes them without a regulator, other than speed controllers. */
export const rawFedVolts = defineRule<VoltsMessage>({
  meta: {
    id: 'raw-fed-volts',
    well: 'voltage',
    title: 'Pack volts against parts fed straight from the pack',
    messages: {
      tooManyVolts: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{part}} gets too many volts straight from the {{source}}',
        why: 'It runs hot and too fast, then burns out; a lamp or a board goes at once.',
      },
      slightlyOver: {
        severity: 'note',
        bound: 'most',
        text: 'the {{part}} gets a little more than its sheet says while the {{source}} is fresh',
        why: 'Ordinary with such cells: their volts settle within the first minutes of use.',
      },
      tooFewVolts: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{part}} gets too few volts once the {{source}} runs down',
        why: 'It works on a fresh pack, then weakly, then not at all.',
      },
    },
  },
  check(context) {
    return context.survey.supplies.flatMap((supply): (Report<VoltsMessage> | Missing)[] => {
      const [source] = supply.sources;
      const { fitted } = supply;
      if (fitted.kind === 'controller' || supply.status !== 'fed' || !source || !isRawFed(supply)) return [];
      const said = voltsAgainstSheet(context, supply, source, {
        lower: () => [
          ...offerSwaps(context, fitted, (candidate) => standsVolts(candidate, supply.volts?.full ?? 0)),
          ...offerOwnRegulator(context, supply),
        ],
      });
      // A receiver on its own pack that runs down is told as a rail.
      const isReceiver = fitted.kind === 'receiver';
      return said.filter(
        (candidate) => !(isReceiver && 'messageId' in candidate && candidate.messageId === 'tooFewVolts'),
      );
    });
  },
});

function standsVolts(part: PartSpec, volts: number): boolean {
  switch (part.kind) {
    case 'load':
    case 'servo':
    case 'receiver':
      return (part.maxVolts?.value ?? 0) >= volts;
    case 'electronicSwitch':
      return (part.maxFeedVolts?.value ?? 0) >= volts;
    case 'bec':
      return (part.maxInputVolts?.value ?? 0) >= volts;
    default:
      return false;
  }
}
