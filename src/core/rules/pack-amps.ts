import type { PackSpec } from '../parts/pack';
import { offerPackSwaps, fullVolts } from './offers/swap-pack';
import { defineRule, fittingSubject, type Missing, type Report } from './rule';
import { unplugged } from './support/unplugged';
import { figureTerm, plannedTerm } from './support/terms';

/** What is asked of a pack at the worst second, against its label taken with a pinch of salt. */
export const packAmps = defineRule({
  meta: {
    id: 'pack-amps',
    well: 'current',
    title: 'Pack amps against the derated label',
    messages: {
      overdrawn: {
        severity: 'stop',
        bound: 'most',
        text: 'the {{pack}} is asked for more than its label, derated to {{share}} %, allows',
        why: 'Its volts sag, it gets hot and swells; the cut-off comes early and the pack does not live long.',
      },
    },
  },
  check(context) {
    const { labelShare } = context.build.policies;
    const waiting = unplugged(context);
    const unknown: Missing[] =
      waiting.length === 0
        ? []
        : [
            {
              missing: `amps of ${waiting.length === 1 ? 'a part' : `${waiting.length} parts`} not plugged in yet`,
              subjects: waiting.map(({ fitting }) => fittingSubject(fitting.id)),
            },
          ];
    const said = context.packs.flatMap((load): (Report<'overdrawn'> | Missing)[] => {
      const { fitting, part } = load.pack;
      const subjects = [fittingSubject(fitting.id)];
      const missing = load.missing.map((what) => ({ missing: what, subjects }));
      if (load.shares.length === 0) return missing;
      const { ampHours, dischargeRate } = part;
      if (!ampHours || !dischargeRate || load.allowedAmps === undefined)
        return [...missing, { missing: `capacity and discharge rate of the ${fitting.name}`, subjects }];
      if (load.amps <= load.allowedAmps) return missing;
      const source = context.picture.sources.find((one) => one.fitted === load.pack);
      const isEnough = (pack: PackSpec) =>
        allowed(pack, labelShare) >= load.amps && fullVolts(pack) === fullVolts(part);
      const report = {
        messageId: 'overdrawn' as const,
        data: { pack: fitting.name, share: (100 * labelShare).toFixed(0) },
        subjects,
        actual: load.amps,
        limit: load.allowedAmps,
        unit: 'A' as const,
        formula:
          'sum of the amps at the worst second, against capacity × discharge rate × share of the label believed',
        terms: [
          ...load.shares.map((one) => ({
            name:
              one.fitted.part.kind === 'motor'
                ? `${one.fitted.fitting.name}, full throttle`
                : one.fitted.fitting.name,
            value: one.amps,
            unit: 'A' as const,
            provenance: one.provenance,
          })),
          figureTerm('capacity', ampHours, 'Ah'),
          figureTerm('discharge rate by the label', dischargeRate, 'C'),
          {
            ...plannedTerm('share of the label believed', 100 * labelShare, '%'),
            note: 'a setting; labels are optimistic',
          },
        ],
        offers: source ? offerPackSwaps(context, source, isEnough) : [],
      };
      return [report, ...missing];
    });
    return [...said, ...unknown];
  },
});

const allowed = (pack: PackSpec, share: number): number =>
  (pack.ampHours?.value ?? 0) * (pack.dischargeRate?.value ?? 0) * share;
