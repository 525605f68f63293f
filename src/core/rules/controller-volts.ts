import { fullVolts, offerPackSwaps } from './offers/swap-pack';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';
import { voltsAgainstSheet } from './support/limit-report';

/** Pack volts at full charge, and at cut-off, against what each speed controller stands. */
export const controllerVolts = defineRule({
  meta: {
    id: 'controller-volts',
    well: 'voltage',
    title: 'Pack volts against each speed controller',
    messages: {
      tooManyVolts: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{source}} gives the {{part}} too many volts',
        why: 'A controller above its rating fails at once: a bang and smoke, and often a motor left at full speed.',
      },
      tooFewVolts: {
        severity: 'stop',
        bound: 'least',
        text: 'the {{source}} gives the {{part}} too few volts once it runs down',
        why: 'The controller resets or cuts off early, and the model stops under way.',
      },
    },
  },
  check(context) {
    return context.picture.supplies.flatMap((supply) => {
      const [source] = supply.sources;
      if (supply.fitted.part.kind !== 'controller' || supply.status !== 'fed' || !source || !isRawFed(supply))
        return [];
      return voltsAgainstSheet(supply, source, {
        lower: (most) => offerPackSwaps(context, source, (pack) => fullVolts(pack) <= most),
      });
    });
  },
});
