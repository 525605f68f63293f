import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import type { Reading } from '../../reading/build-reading/reading';
import type { PackGroup } from '../../reading/survey/pack-group';
import { figureTerm, plannedTerm } from './support/terms';
import type { Fitted } from '../../model/kinds/fitted';
import { packVolts } from '../../model/packs/pack-volts';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';

type Message = 'unequalInParallel' | 'unlikeInParallel' | 'unequalInSeries' | 'unlikeInSeries';

/** Share by which capacities of packs in series may differ: as much as packs of one label do. */
const alike = 1.05;

const flat =
  'The smaller is empty first, and the other drives it below nothing: its cells are spoilt, and lithium ones may burn.';
const heat = 'The fuller pack charges the other as fast as the wires allow: heat, venting, fire.';

/** Packs that are joined: in parallel the same cells and chemistry, in series the same capacity and chemistry. */
export const packsJoined = defineRule<Message>({
  meta: {
    id: 'packs-joined',
    well: 'connection',
    title: 'Packs that are joined',
    messages: {
      unequalInParallel: {
        severity: 'stop',
        bound: 'exactly',
        short: '{{actual}} beside {{limit}}',
        text: '{{packs}} are joined in parallel but differ in volts',
        why: heat,
      },
      unlikeInParallel: {
        severity: 'stop',
        bound: 'exactly',
        short: 'two chemistries in parallel',
        text: '{{packs}} are joined in parallel but are of different chemistry',
        why: 'Their volts fall in different ways as they run down: one charges the other, which may vent or burn.',
      },
      unequalInSeries: {
        severity: 'stop',
        bound: 'exactly',
        short: '{{actual}} in series with {{limit}}',
        text: '{{packs}} are joined in series but differ in capacity',
        why: flat,
      },
      unlikeInSeries: {
        severity: 'stop',
        bound: 'exactly',
        short: 'two chemistries in series',
        text: '{{packs}} are joined in series but are of different chemistry',
        why: flat,
      },
    },
  },
  check(context) {
    const { survey, index } = context;
    const groups = new Map<string, Fitted<'pack'>[]>();
    for (const pack of index.ofKind('pack')) {
      const at = (net: string) => survey.nets.node(pack.fitting.id, net);
      const key = `${at('plus')}/${at('minus')}`;
      groups.set(key, [...(groups.get(key) ?? []), pack]);
    }
    const inSeries = survey.packGroups().flatMap((group) => seriesReport(context, group));
    const sideBySide = [...groups.values()]
      .filter((pack) => pack.length > 1)
      .flatMap((group): Report<Message>[] => {
        const volts = group.map((pack) => packVolts(pack.part, 'full'));
        const [high, low] = [Math.max(...volts), Math.min(...volts)];
        const chemistries = new Set(group.map((pack) => pack.part.chemistry));
        const isUnequal = isOver(high, low, 'V');
        if (!isUnequal && chemistries.size === 1) return [];
        const [first, second] = group as [Fitted<'pack'>, Fitted<'pack'>];
        return [
          {
            messageId: isUnequal ? 'unequalInParallel' : 'unlikeInParallel',
            data: { packs: nameList(group.map((pack) => `the ${pack.fitting.name}`)) },
            subjects: group.map((pack) => fittingSubject(pack.fitting.id)),
            actual: isUnequal ? high : chemistries.size,
            limit: isUnequal ? low : 1,
            unit: isUnequal ? 'V' : 'chemistries',
            formula: isUnequal
              ? 'volts at full charge of one pack, against the other’s'
              : 'chemistries of the packs that stand side by side',
            terms: group.map((pack) => ({
              ...plannedTerm(`${pack.fitting.name}, full`, packVolts(pack.part, 'full'), 'V'),
              note: `${pack.part.cells} cells of ${pack.part.chemistry}`,
            })),
            offers: () =>
              offerSwaps(
                context,
                second,
                (part) => part.chemistry === first.part.chemistry && part.cells === first.part.cells,
              ),
          },
        ];
      });
    return [...sideBySide, ...inSeries];
  },
});

/** Packs one behind another, each with those beside it: the current is the same in all. */
function seriesReport(context: Reading, group: PackGroup): Report<Message>[] {
  const [first] = group.packs;
  const behind = first && group.packs.find((pack) => !group.besides(first).includes(pack));
  if (!first || !behind) return [];
  const hoursOf = (pack: Fitted<'pack'>) =>
    group.besides(pack).reduce((sum, { part }) => sum + (part.ampHours?.value ?? NaN), 0);
  const ordered = [...group.packs].sort((a, b) => hoursOf(a) - hoursOf(b));
  const [least, most] = [ordered[0]!, ordered.at(-1)!];
  const isUnlike = group.chemistry === undefined;
  if (!isUnlike && !(hoursOf(most) > alike * hoursOf(least))) return [];
  const chemistries = new Set(group.packs.map(({ part }) => part.chemistry)).size;
  return [
    {
      messageId: isUnlike ? 'unlikeInSeries' : 'unequalInSeries',
      data: { packs: nameList(group.packs.map((pack) => `the ${pack.fitting.name}`)) },
      subjects: group.packs.map((pack) => fittingSubject(pack.fitting.id)),
      actual: isUnlike ? chemistries : hoursOf(least),
      limit: isUnlike ? 1 : hoursOf(most),
      unit: isUnlike ? 'chemistries' : 'Ah',
      formula: isUnlike
        ? 'chemistries of the packs that stand in series'
        : 'capacity of the smaller pack, against that of the larger: both give the same amps',
      terms: group.packs.map(({ fitting, part }) =>
        isUnlike || !part.ampHours
          ? plannedTerm(`${fitting.name}, ${part.chemistry}`, part.cells, 'cells')
          : figureTerm(`capacity of the ${fitting.name}`, part.ampHours, 'Ah'),
      ),
      offers: () =>
        offerSwaps(
          context,
          least,
          ({ chemistry, cells, ampHours }) =>
            chemistry === most.part.chemistry &&
            cells === least.part.cells &&
            ampHours?.value === most.part.ampHours?.value,
        ),
    },
  ];
}
