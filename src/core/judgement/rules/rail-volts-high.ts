import { standsVolts, fromRegulator } from '../limits/volts';
import { offerLowerVolts } from '../put-right/set-regulator-volts';
import { offerSwaps } from '../put-right/swap-part';
import { offerOwnRegulator } from '../put-right/own-regulator';
import { defineRule } from './rule';
import { saidOf, voltsAgainstSheet } from './support/limit-report';

/** Rail volts against the most that each part on the rail stands: the lowest-rated part decides. */
export const railVoltsHigh = defineRule({
  meta: {
    id: 'rail-volts-high',
    well: 'voltage',
    title: 'Rail volts against the most each part stands',
    messages: {
      tooManyVolts: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} supplied, at most {{limit}}',
        text: 'the {{part}} gets too many volts from the {{source}}{{unset}}',
        why: 'It would buzz, run hot and fail within minutes.',
      },
    },
  },
  check(context) {
    const { survey } = context;
    return survey.supplies.flatMap((supply) => {
      const { fitted } = supply;
      const rail = survey.rails.find((candidate) => candidate.plus === supply.plus);
      // Where regulators stand in parallel, the highest sets the rail.
      const [source] = supply.sources;
      if (supply.status !== 'fed' || !rail || !source?.terminal.regulator) return [];
      const reports = voltsAgainstSheet(context, supply, source, {
        lower: (most) => [
          ...offerLowerVolts(rail, most),
          ...offerOwnRegulator(context, supply),
          ...offerSwaps(context, fitted, (candidate) =>
            standsVolts(candidate, fromRegulator(source.volts.full)),
          ),
        ],
      });
      return saidOf(reports, 'tooManyVolts');
    });
  },
});
