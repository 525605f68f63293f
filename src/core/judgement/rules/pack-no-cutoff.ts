import { fittingSubject, type Report } from '../findings/report';
import { isLithium } from '../../model/packs/chemistry';
import { offerSwaps } from '../put-right/swap-part';
import { formatQuantity } from '../../base/quantity/format';
import { isUnder } from '../../base/quantity/compare';
import { terminalsOf } from '../../model/kinds';
import type { Patch } from '../../model/plan/patch';
import type { Reading } from '../../reading/build-reading/reading';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';
import { packVolts } from '../../model/packs/pack-volts';

type Message = 'nothingEndsDischarge' | 'onlyWatched';

/** A lithium pack that no controller drinks from: nothing ends its discharge. */
export const packNoCutoff = defineRule<Message>({
  meta: {
    id: 'pack-no-cutoff',
    well: 'voltage',
    title: 'Something that ends the discharge of a lithium pack',
    messages: {
      nothingEndsDischarge: {
        severity: 'stop',
        bound: 'least',
        short: 'no cut-off',
        text: 'nothing ends the discharge of the {{pack}}',
        why: 'A BEC drinks a lithium pack flat: its cells are ruined, and may burn at the next charge. A pack of cells that forgive it, or a controller with a cut-off, ends that.',
      },
      onlyWatched: {
        severity: 'mind',
        bound: 'least',
        short: 'no cut-off',
        text: 'nothing but you ends the discharge of the {{pack}}',
        why: 'It feeds the receiver straight. Set an alarm, or measure it after a known time: drained flat, its cells are ruined, and may burn at the next charge.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('pack').flatMap((pack): Report<Message>[] => {
      const { id, name } = pack.fitting;
      const isFeeding = survey.supplies.some((supply) => survey.packsAcross(supply)?.packs.includes(pack));
      if (!isFeeding || !isLithium(pack.part.chemistry) || survey.controllersOf(id).length > 0) return [];
      const isStraight = !index
        .all()
        .some(
          ({ fitting, part }) =>
            terminalsOf(part).gives?.regulator && survey.packOf(fitting.id)?.packs.includes(pack),
        );
      // An alarm at the cut-off tells in time.
      const floor = packVolts(pack.part, 'cutoff');
      const alarms = index.ofKind('transmitter').flatMap(({ fitting }) => fitting.alarmVolts ?? []);
      if (isStraight && alarms.some((volts) => !isUnder(volts, floor, 'V'))) return [];
      return [
        {
          messageId: isStraight ? 'onlyWatched' : 'nothingEndsDischarge',
          data: { pack: name },
          subjects: [fittingSubject(id)],
          actual: 0,
          limit: 1,
          unit: 'cutoffs',
          formula: 'controllers with a cut-off that drink from the pack',
          terms: [plannedTerm('cut-offs', 0, 'cutoffs'), plannedTerm('needed', 1, 'cutoffs')],
          offers: () => [
            ...(isStraight ? offerAlarm(context, floor) : []),
            ...offerSwaps(
              context,
              pack,
              (part) =>
                !isLithium(part.chemistry) &&
                Math.abs(packVolts(part, 'full') / packVolts(pack.part, 'full') - 1) < 0.25,
              4,
            ),
          ],
        },
      ];
    });
  },
});

/** The alarm of a transmitter whose receiver tells it volts, at the cut-off of the pack. */
function offerAlarm({ index }: Reading, volts: number): Patch[] {
  const tells = index
    .ofKind('receiver')
    .some(({ part }) => part.telemetry?.some((what) => what === 'rail volts' || what === 'pack volts'));
  const [transmitter] = index.ofKind('transmitter');
  if (!tells || !transmitter) return [];
  const alarm = Math.ceil(10 * volts) / 10;
  return [
    {
      id: `alarm:${transmitter.fitting.id}`,
      label: `Set the alarm of the ${transmitter.fitting.name} to ${formatQuantity(alarm, 'V')}`,
      edits: [{ type: 'setFitting', fitting: transmitter.fitting.id, change: { alarmVolts: alarm } }],
    },
  ];
}
