import type { Reading } from '../../reading/build-reading/reading';
import type { Term } from '../../base/quantity/term';
import { fittingSubject, leadSubject } from '../findings/report';
import { offerKeepOne, redWireOf } from '../put-right/lift-red-wire';
import { offerStandAloneBec } from '../put-right/stand-alone-bec';
import type { Source } from '../../reading/survey/power';
import type { Rail } from '../../reading/survey/rails';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';
import { strengthOf } from '../../reading/build-reading/source-strength';
import { plannedTerm, solvedTerm, sourceTerm } from './support/terms';

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
        short: '{{actual}} on one rail',
        text: '{{sources}} both push onto {{rail}}',
        why: 'Regulators in parallel do not share: the {{highest}} carries everything, runs hot and takes the other with it.',
      },
      manySourcesInParallel: {
        severity: 'stop',
        bound: 'most',
        short: '{{actual}} on one rail',
        text: '{{sources}} all push onto {{rail}}',
        why: 'Regulators in parallel do not share: the {{highest}} carries everything, runs hot and takes the others with it.',
      },
      asDelivered: {
        severity: 'mind',
        bound: 'most',
        text: '{{sources}} push onto {{rail}} together, as they were delivered',
        why: 'You have chosen to leave them so. They do not share: the {{highest}} carries nearly everything; feel it after a minute.',
      },
    },
  },
  check(context) {
    return context.survey.rails.filter(hasFight).map((rail) => {
      const { sources } = rail;
      const names = sources.map((source) => `the ${source.fitted.fitting.name}`);
      return {
        messageId: messageFor(context, rail),
        data: { sources: nameList(names), rail: rail.name, highest: sources[0]?.fitted.fitting.name ?? '' },
        subjects: [
          ...sources.map((source) => fittingSubject(source.fitted.fitting.id)),
          ...sources.flatMap((source) => redWireOf(context, source)?.lead.id ?? []).map(leadSubject),
        ],
        actual: sources.length,
        limit: 1,
        unit: 'sources' as const,
        formula:
          'sources whose plus reaches the rail through whole conductors; their amps by the network solved for the worst second',
        terms: [
          ...sources.map((source) => sourceTerm(context, source, source.volts.full)),
          ...sources.flatMap((source) => givenTerm(context, source)),
          plannedTerm('sources a rail may have', 1, 'sources'),
        ],
        offers: () => [...keepers(context, rail), ...offerStandAloneBec(context, rail)],
      };
    });
  },
});

/** Whoever chooses to leave regulators in parallel is warned; whoever has not is stopped. */
function messageFor({ build }: Reading, { sources }: Rail) {
  if (build.policies.redWires === 'parallel') return 'asDelivered' as const;
  return sources.length === 2 ? ('sourcesInParallel' as const) : ('manySourcesInParallel' as const);
}

/** The strongest stays in; the next may as well, and is shown only where it carries the rail. */
const keepers = (context: Reading, rail: Rail) =>
  [...rail.sources]
    .filter((source) => source.terminal.regulator)
    .sort((a, b) => strengthOf(context, b) - strengthOf(context, a))
    .slice(0, 2)
    .flatMap((keep) =>
      offerKeepOne(
        context,
        keep,
        rail.sources.filter((source) => source !== keep),
      ),
    );

/** What a source of the rail really gives at the worst second. */
function givenTerm({ circuit }: Reading, { fitted, terminal }: Source): Term[] {
  const { id, name } = fitted.fitting;
  const point = circuit.at('given', 'cutoff');
  const amps = terminal.regulator ? point?.regulatorAmps(id) : point?.amps(id);
  return amps === undefined ? [] : [solvedTerm(`given by the ${name} at the worst second`, amps, 'A')];
}

/** Packs in parallel with packs are another matter; here at least one regulator fights. */
const hasFight = ({ sources }: Rail): boolean =>
  sources.length > 1 && sources.some((source) => source.terminal.regulator);
