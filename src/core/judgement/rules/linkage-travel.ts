import { fittingSubject, type Report } from '../findings/report';
import { linkageReading, type LinkageReading, type LinkageSide } from '../../reading/linkage/linkage-reading';
import { offerEnds } from '../put-right/linkage-ends';
import type { Fitted } from '../../model/kinds/fitted';
import { isPreset } from '../../reading/linkage/presets';
import type { Term } from '../../base/quantity/term';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';

type Message = 'toggles' | 'farPastStop' | 'pastStop' | 'notReached';

/** Percent of pulses by which an end point may lie beyond the stop: linkages give a little. */
const give = 5;
/** Percent beyond the stop from which a servo stalls for sure, where the linkage was measured. */
const far = 15;
/** Least share of the way to its stop that a mechanism should go. */
const leastReached = 0.8;

/** What the linkage of a servo makes of the end points of its channel. */
export const linkageTravel = defineRule<Message>({
  meta: {
    id: 'linkage-travel',
    well: 'control',
    title: 'End points against the stops of the mechanism',
    messages: {
      toggles: {
        severity: 'stop',
        bound: 'most',
        text: 'the rod of the {{servo}} comes into line with its {{of}} before the stop is met',
        why: 'There the servo has no hold on it, or bends the rod: it jams, or flips over to the other side.',
      },
      farPastStop: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{servo}} is driven far on after its mechanism has met its stop',
        why: 'It stands stalled at full draw, buzzes, and burns out in minutes.',
      },
      pastStop: {
        severity: 'mind',
        bound: 'most',
        text: 'the {{servo}} is driven on after its mechanism has met its stop',
        why: 'It stands stalled at full draw, buzzes, and burns out in minutes.',
      },
      notReached: {
        severity: 'mind',
        bound: 'least',
        text: 'the {{servo}} does not take its mechanism to its stop',
        why: 'Half a lock, or a gear half engaged: another hole of the horn, or wider end points.',
      },
    },
  },
  check(context) {
    return context.index.ofKind('servo').flatMap((servo): Report<Message>[] => {
      const reading = linkageReading(context, servo);
      if (!reading) return [];
      const said = [reading.low, reading.high].flatMap((side) => sideReport(servo, reading, side));
      // Both sides say the same of one linkage: the worse is enough.
      return said.slice(0, 1);
    });
  },
});

function sideReport(
  { fitting }: Fitted<'servo'>,
  reading: LinkageReading,
  side: LinkageSide,
): Report<Message>[] {
  const { stopPercent, setPercent, toggle, reached, setHorn } = side;
  const term = (name: string, value: number): Term =>
    isPreset(reading.linkage)
      ? {
          name,
          value,
          unit: '%',
          provenance: 'estimated',
          note: 'sizes of a usual linkage, until yours is measured',
        }
      : plannedTerm(name, value, '%');
  const report = (
    messageId: Message,
    [actual, limit]: [number, number],
    [is, may]: [string, string],
    more: Record<string, string> = {},
  ): Report<Message>[] => [
    {
      messageId,
      data: { servo: fitting.name, ...more },
      subjects: [fittingSubject(fitting.id)],
      actual,
      limit,
      unit: '%',
      formula: 'the four-bar of horn, rod and arm, solved exactly; percent of the usual pulses',
      terms: [term(is, actual), term(may, limit)],
      offers: () => offerEnds(reading),
    },
  ];
  if (toggle && Math.abs(toggle.horn) < Math.abs(setHorn)) {
    const at = (Math.abs(toggle.horn) / reading.fullHorn) * 100;
    return report('toggles', [setPercent, at], ['end point', 'in line at'], { of: toggle.of });
  }
  if (stopPercent !== undefined && setPercent > stopPercent + give)
    return report(
      setPercent > stopPercent + far && !isPreset(reading.linkage) ? 'farPastStop' : 'pastStop',
      [setPercent, stopPercent],
      ['end point', 'the stop is met at'],
    );
  if (reached !== undefined && reached < leastReached)
    return report(
      'notReached',
      [reached * 100, leastReached * 100],
      ['of the way to the stop', 'least that is worth having'],
    );
  return [];
}
