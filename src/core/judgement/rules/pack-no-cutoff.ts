import { fittingSubject, type Report } from '../findings/report';
import { isLithium } from '../../model/packs/chemistry';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { plannedTerm } from './support/terms';
import { packVolts } from '../../model/packs/pack-volts';

type Message = 'nothingEndsDischarge';

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
        text: 'nothing ends the discharge of the {{pack}}',
        why: 'A BEC drinks a lithium pack flat: its cells are ruined, and may burn at the next charge. A pack of cells that forgive it, or a controller with a cut-off, ends that.',
      },
    },
  },
  check(context) {
    const { index, survey } = context;
    return index.ofKind('pack').flatMap((pack): Report<Message>[] => {
      const { id, name } = pack.fitting;
      const isFeeding = survey.supplies.some((supply) => survey.packsAcross(supply)?.packs.includes(pack));
      if (!isFeeding || !isLithium(pack.part.chemistry) || survey.controllersOf(id).length > 0) return [];
      return [
        {
          messageId: 'nothingEndsDischarge',
          data: { pack: name },
          subjects: [fittingSubject(id)],
          actual: 0,
          limit: 1,
          unit: 'cutoffs',
          formula: 'controllers with a cut-off that drink from the pack',
          terms: [plannedTerm('cut-offs', 0, 'cutoffs'), plannedTerm('needed', 1, 'cutoffs')],
          offers: () =>
            offerSwaps(
              context,
              pack,
              (part) =>
                !isLithium(part.chemistry) &&
                Math.abs(packVolts(part, 'full') / packVolts(pack.part, 'full') - 1) < 0.25,
              4,
            ),
        },
      ];
    });
  },
});
