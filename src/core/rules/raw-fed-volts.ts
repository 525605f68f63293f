import { offerSwaps } from './offers/swap-part';
import { fullVolts } from './offers/swap-pack';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';
import { voltsAgainstSheet } from './support/limit-report';

/** Pack volts against everything that takes them without a regulator, other than speed controllers. */
export const rawFedVolts = defineRule({
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
      tooFewVolts: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{part}} gets too few volts once the {{source}} runs down',
        why: 'It works on a fresh pack, then weakly, then not at all.',
      },
    },
  },
  check(context) {
    return context.picture.supplies.flatMap((supply) => {
      const [source] = supply.sources;
      const { fitted } = supply;
      if (fitted.part.kind === 'controller' || supply.status !== 'fed' || !source || !isRawFed(supply))
        return [];
      const pack = source.fitted.part;
      return voltsAgainstSheet(supply, source, {
        lower: () => {
          const volts = pack.kind === 'pack' ? fullVolts(pack) : 0;
          return offerSwaps(context, fitted, (candidate) => standsVolts(candidate, volts));
        },
      });
    });
  },
});

function standsVolts(part: Parameters<Parameters<typeof offerSwaps>[2]>[0], volts: number): boolean {
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
