import { crossedLeadNear, offerStraightCable, offerTurnedPlug } from '../put-right/turn-plug';
import { defineRule } from './rule';
import { fittingSubject, leadSubject } from '../findings/report';
import { plannedTerm } from './support/terms';

/** Plus and minus the right way round, end to end, and servo plugs not turned. */
export const polarity = defineRule({
  meta: {
    id: 'polarity',
    well: 'connection',
    title: 'Polarity from the source to each part',
    messages: {
      powerReversed: {
        severity: 'stop',
        bound: 'least',
        short: 'plus and minus reversed',
        text: 'the {{part}} gets plus and minus reversed',
        why: 'Most parts fed backwards are dead at once, often with smoke; a pack may vent.',
      },
      servoPlugTurned: {
        severity: 'stop',
        bound: 'exactly',
        short: 'plug reversed',
        text: 'the servo plug of the {{part}} is turned round: its signal contact sits on minus',
        why: 'It does not move at all. Plus is in the middle, so nothing burns, but nothing works either.',
      },
    },
  },
  check({ survey, index }) {
    return survey.supplies.flatMap((supply) => {
      const { fitting } = supply.fitted;
      if (supply.status !== 'reversed' && supply.status !== 'plugTurned') return [];
      const lead = crossedLeadNear(index, fitting.id);
      const isTurned = supply.status === 'plugTurned';
      const volts = supply.volts?.full ?? 0;
      return [
        {
          messageId: isTurned ? ('servoPlugTurned' as const) : ('powerReversed' as const),
          data: { part: fitting.name },
          subjects: [fittingSubject(fitting.id), ...(lead ? [leadSubject(lead.id)] : [])],
          actual: isTurned ? 3 : volts,
          limit: isTurned ? 1 : 0,
          unit: isTurned ? ('contact' as const) : ('V' as const),
          formula: isTurned
            ? 'contact of the port that its signal wire is on, against the one it belongs on'
            : 'volts from its minus to its plus, by the conductors as they lie',
          terms: isTurned
            ? [plannedTerm('its signal wire is on', 3, 'contact'), plannedTerm('it belongs on', 1, 'contact')]
            : [plannedTerm('volts on it', volts, 'V'), plannedTerm('least allowed', 0, 'V')],
          offers: () => [
            ...(lead ? offerTurnedPlug(index, lead) : []),
            ...offerStraightCable(index, fitting.id),
          ],
        },
      ];
    });
  },
});
