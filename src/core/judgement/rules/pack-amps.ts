import { packAllowance, type PackLoad } from '../../reading/circuit/loads';
import { packLabel } from '../limits/amps';
import type { Reading } from '../../reading/build-reading/reading';
import { isUnder } from '../../base/quantity/compare';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import { cellVolts, isLithium } from '../../model/packs/chemistry';
import type { PackSpec } from '../../model/kinds/pack/pack';
import { packVolts } from '../../model/packs/pack-volts';
import { offerSwaps } from '../put-right/swap-part';
import { defineRule } from './rule';
import { missingAmps, shareTerms } from './support/rail-terms';
import { figureTerm, plannedTerm, solvedTerm } from './support/terms';

type Message = 'overdrawn' | 'sags';

/** Charge at which the sag is looked at: a fifth is left. */
const nearlyEmpty = 0.2;

/** What is asked of a pack at the worst second, against its label taken with a pinch of salt, and against its sag. */
export const packAmps = defineRule<Message>({
  meta: {
    id: 'pack-amps',
    well: 'current',
    title: 'Pack amps against the derated label, and the sag of a nearly empty pack',
    messages: {
      overdrawn: {
        severity: 'stop',
        bound: 'most',
        numbers: '{{actual}} needed, battery gives {{limit}}',
        text: 'the {{pack}} must give more than {{share}} % of its label',
        why: 'Its volts sag, it gets hot and swells; the cut-off comes early and the pack does not live long.',
      },
      sags: {
        severity: 'mind',
        bound: 'least',
        numbers: '{{actual}} left, needs {{limit}}',
        text: 'the {{pack}} sags under its cut-off at the worst second once a fifth of its charge is left',
        why: 'The model slows or stops with charge still in the pack, and the cells suffer.',
      },
    },
  },
  check(context) {
    return context.circuit.packLoads().flatMap((load): (Report<Message> | Missing)[] => {
      const missing = missingAmps(load.unknown);
      if (load.shares.length === 0) return missing;
      // A lithium pack that stands what its label says does not sag; others are judged by nothing else.
      const labelled = isLithium(load.pack.part.chemistry) ? byLabel(context, load) : undefined;
      return [...(labelled ?? []), ...(labelled?.length === 0 ? [] : bySag(context, load)), ...missing];
    });
  },
});

function byLabel(context: Reading, load: PackLoad): (Report<Message> | Missing)[] {
  const { fitting, part } = load.pack;
  const subjects = [fittingSubject(fitting.id)];
  const { ampHours, dischargeRate } = part;
  const { labelShare } = context.build.policies;
  if (!ampHours || !dischargeRate || load.allowedAmps === undefined)
    return [{ missing: `capacity and discharge rate of the ${fitting.name}`, subjects }];
  const limit = packLabel(load.amps, load.allowedAmps);
  if (!limit.passed) return [];
  const isEnough = (pack: PackSpec) =>
    packLabel(load.amps, packAllowance(pack, labelShare)?.allowed ?? 0).passed === undefined &&
    packVolts(pack, 'full') === packVolts(part, 'full');
  return [
    {
      messageId: limit.passed,
      data: { pack: fitting.name, share: (100 * labelShare).toFixed(0) },
      subjects,
      actual: limit.actual,
      limit: limit.limit,
      unit: limit.unit,
      formula:
        'amps at the worst second, solved, against capacity × discharge rate × share of the label believed',
      terms: [
        ...shareTerms(load.shares),
        solvedTerm('given by the pack', load.amps, 'A'),
        figureTerm('capacity', ampHours, 'Ah'),
        figureTerm('discharge rate by the label', dischargeRate, 'C'),
        {
          ...plannedTerm('share of the label believed', 100 * labelShare, '%'),
          note: 'a setting; labels are optimistic',
        },
      ],
      offers: () => offerSwaps(context, load.pack, isEnough, 4),
    },
  ];
}

/** Volts a cell with a fifth of the charge left, at the amps of the worst second. */
function bySag(context: Reading, load: PackLoad): Report<Message>[] {
  const { fitting, part } = load.pack;
  const { cutoff } = cellVolts(part.chemistry);
  const volts = context.circuit.at('worst', nearlyEmpty)?.across(fitting.id, 'plus', 'minus');
  if (volts === undefined) return [];
  const ofCell = volts / part.cells;
  if (!isUnder(ofCell, cutoff, 'V')) return [];
  return [
    {
      messageId: 'sags',
      data: { pack: fitting.name },
      subjects: [fittingSubject(fitting.id)],
      actual: Math.max(ofCell, 0),
      limit: cutoff,
      unit: 'V',
      formula:
        'volts of one cell at the worst second with a fifth of the charge left, solved, against its cut-off',
      terms: [
        solvedTerm('volts of one cell', ofCell, 'V'),
        plannedTerm(`cut-off of ${part.chemistry}, each cell`, cutoff, 'V'),
        ...shareTerms(load.shares),
      ],
      offers: () =>
        offerSwaps(
          context,
          load.pack,
          (pack) =>
            packVolts(pack, 'full') === packVolts(part, 'full') &&
            (pack.ampHours?.value ?? 0) > (part.ampHours?.value ?? 0),
          4,
        ),
    },
  ];
}
