import { isOver } from '../../base/quantity/compare';
import { fittingSubject, type Report } from '../findings/report';
import { offerSwaps } from '../put-right/swap-part';
import { plannedTerm } from './support/terms';
import type { Fitted } from '../../model/kinds/fitted';
import { packVolts } from '../../model/packs/pack-volts';
import { nameList } from '../../base/words/sentences';
import { defineRule } from './rule';

type Message = 'unequalInParallel' | 'unlikeInParallel';

const heat = 'The fuller pack charges the other as fast as the wires allow: heat, venting, fire.';

/** Packs joined in parallel, which must have the same cells and chemistry. */
export const packsJoined = defineRule<Message>({
  meta: {
    id: 'packs-joined',
    well: 'connection',
    title: 'Packs joined in parallel',
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
        text: '{{packs}} are joined in parallel but are of different chemistry',
        why: 'Their volts fall in different ways as they run down: one charges the other, which may vent or burn.',
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
    return [...groups.values()]
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
  },
});
