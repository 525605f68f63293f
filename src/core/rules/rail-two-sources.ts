import type { Rail } from '../power/rails';
import type { Source } from '../power/power-picture';
import { offerKeepOne, redWireOf } from './offers/lift-red-wire';
import { offerStandAloneBec } from './offers/stand-alone-bec';
import type { Term } from '../check/finding';
import { defineRule, fittingSubject, leadSubject, type CheckContext } from './rule';
import { plannedTerm, sourceTerm } from './support/terms';
import { strengthOf } from './support/source-strength';
import { nameList } from './words';

/** More than one source on a rail: regulators in parallel do not share, the highest takes all. */
export const railTwoSources = defineRule({
  meta: {
    id: 'rail-two-sources',
    well: 'connection',
    title: 'Several sources on one rail',
    messages: {
      sourcesInParallel: {
        severity: 'stop',
        bound: 'most',
        text: '{{sources}} both push onto {{rail}}',
        why: 'Regulators in parallel do not share: the {{highest}} carries everything, runs hot and takes the other with it.',
      },
      manySourcesInParallel: {
        severity: 'stop',
        bound: 'most',
        text: '{{sources}} all push onto {{rail}}',
        why: 'Regulators in parallel do not share: the {{highest}} carries everything, runs hot and takes the others with it.',
      },
    },
  },
  check(context) {
    return context.rails.filter(hasFight).map((rail) => {
      const { sources } = rail;
      const names = sources.map((one) => `the ${one.fitted.fitting.name}`);
      const strength = (one: Source) => strengthOf(context, one);
      const asked = rail.counted.reduce((sum, one) => sum + one.amps, 0);
      // The strongest stays in; the next only where it carries the rail as well.
      const keepers = [...sources]
        .sort((a, b) => strength(b) - strength(a))
        .filter((one, n) => n === 0 || (n === 1 && strength(one) >= asked));
      return {
        messageId: sources.length === 2 ? ('sourcesInParallel' as const) : ('manySourcesInParallel' as const),
        data: { sources: nameList(names), rail: rail.name, highest: sources[0]?.fitted.fitting.name ?? '' },
        subjects: [
          ...sources.map((one) => fittingSubject(one.fitted.fitting.id)),
          ...sources.flatMap((one) => redWireOf(context, one)?.lead.id ?? []).map(leadSubject),
        ],
        actual: sources.length,
        limit: 1,
        unit: 'sources' as const,
        formula:
          'sources whose plus reaches the rail through whole conductors; their amps by the network solved for the worst second',
        terms: [
          ...sources.map((one) => sourceTerm(one, one.volts.full)),
          ...sources.flatMap((one) => shareTerm(context, one)),
          plannedTerm('sources a rail may have', 1, 'sources'),
        ],
        offers: [...keepers.flatMap((keep) => keepOnly(rail, keep)), ...offerStandAloneBec(context, rail)],
      };
    });

    function keepOnly(rail: Rail, keep: Source) {
      return offerKeepOne(
        context,
        keep,
        rail.sources.filter((one) => one !== keep),
      );
    }
  },
});

/** What a source of the rail really gives at the worst second. */
function shareTerm(context: CheckContext, { fitted, terminal }: Source): Term[] {
  const { id, name } = fitted.fitting;
  const amps = context.worstSecond('cutoff')?.amps(terminal.regulator ? `${id}.bec` : id);
  if (amps === undefined) return [];
  return [
    { name: `given by the ${name} at the worst second`, value: amps, unit: 'A', provenance: 'estimated' },
  ];
}

/** Packs in parallel with packs are another matter; here at least one regulator fights. */
const hasFight = ({ sources }: Rail): boolean =>
  sources.length > 1 && sources.some((one) => one.terminal.regulator);
