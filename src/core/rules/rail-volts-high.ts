import type { PartSpec } from '../parts/part-spec';
import { offerLowerVolts } from './offers/set-regulator-volts';
import { offerSwaps } from './offers/swap-part';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { unplugged } from './support/unplugged';
import { isRegulated } from './support/fed-by';
import { voltsAgainstSheet } from './support/limit-report';

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
        text: 'the {{part}} gets too many volts from the BEC of the {{source}}',
        why: 'It would buzz, run hot and fail within minutes.',
      },
    },
  },
  check(context) {
    const { picture, rails } = context;
    const unknown: Missing[] = unplugged(context).map(({ fitting }) => ({
      missing: `what feeds the ${fitting.name}`,
      subjects: [fittingSubject(fitting.id)],
    }));
    const said = picture.supplies.flatMap((supply) => {
      const { fitted } = supply;
      const rail = rails.find((one) => one.plus === supply.plus);
      // Where regulators stand in parallel, the highest sets the rail.
      const source = rail?.sources[0];
      if (supply.status !== 'fed' || !rail || !source || !isRegulated({ ...supply, sources: rail.sources }))
        return [];
      const volts = rail.volts ?? 0;
      const reports = voltsAgainstSheet(supply, source, {
        lower: (most) => [
          ...offerLowerVolts(rail, most),
          ...offerSwaps(context, fitted, (candidate) => standsRail(candidate, volts)),
        ],
      });
      return reports.flatMap((one): (Report<'tooManyVolts'> | Missing)[] => {
        if ('missing' in one) return [one];
        return one.messageId === 'tooManyVolts' ? [{ ...one, messageId: 'tooManyVolts' }] : [];
      });
    });
    return [...said, ...unknown];
  },
});

function standsRail(part: PartSpec, volts: number): boolean {
  if (part.kind !== 'servo' && part.kind !== 'receiver' && part.kind !== 'load') return false;
  return (part.maxVolts?.value ?? 0) >= volts && (part.minVolts?.value ?? 0) <= volts;
}
