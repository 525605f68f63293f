import { packVolts } from '../../model/packs/pack-volts';
import { isUnder } from '../../base/quantity/compare';
import { fromCells, standsVolts, wakingState, worksOn } from '../limits/volts';
import { givenTo, saidOf, voltsAgainstSheet, type VoltsMessage } from './support/limit-report';
import type { Missing, Report } from '../findings/report';
import { offerOwnRegulator } from '../put-right/own-regulator';
import { offerPackSwaps } from '../put-right/swap-pack';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { isRawFed } from './support/fed-by';

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
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: 'the {{part}} gets too many volts straight from the {{source}}',
        why: 'It runs hot and too fast, then burns out; a lamp or a board goes at once.',
      },
      slightlyOver: {
        severity: 'note',
        bound: 'most',
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: 'the {{part}} gets a little more than its sheet says while the {{source}} is fresh',
        why: 'Ordinary with such cells: their volts settle within the first minutes of use.',
      },
      tooFewVolts: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} at the end, needs {{limit}}',
        text: 'the {{part}} gets too few volts once the {{source}} runs down',
        why: 'It works on a fresh pack, then weakly, then not at all.',
      },
      weakAtEnd: {
        severity: 'note',
        bound: 'least',
        numbers: '{{actual}} at the end, needs {{limit}}',
        text: 'the {{part}} gets weak when the cells of the {{source}} are nearly empty',
        why: 'Such cells keep their volts for most of their charge. Change or charge them when it slows down.',
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
          ...offerSwaps(
            context,
            fitted,
            (candidate) =>
              supply.volts !== undefined && standsVolts(candidate, givenTo(context, supply.volts, supply)),
          ),
          ...offerOwnRegulator(context, supply),
        ],
        higher: (least) => [
          ...offerPackSwaps(
            context,
            [source.fitted],
            (pack) => !isUnder(packVolts(pack, wakingState(fromCells(pack))), least, 'V'),
          ),
          ...offerSwaps(
            context,
            fitted,
            (candidate) =>
              supply.volts !== undefined && worksOn(candidate, givenTo(context, supply.volts, supply)),
          ),
        ],
      });
      // A receiver on its own pack that runs down is told as a rail.
      return fitted.kind === 'receiver' ? saidOf(said, 'tooManyVolts', 'slightlyOver') : said;
    });
  },
});
