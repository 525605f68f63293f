import type { Source } from '../power/power-picture';
import { defineRule, fittingSubject } from './rule';
import { sourceTerm } from './support/terms';
import { nameList } from './words';

/** Packs joined in parallel, which must have the same volts and chemistry. */
export const packsJoined = defineRule({
  meta: {
    id: 'packs-joined',
    well: 'connection',
    title: 'Packs joined in parallel',
    messages: {
      unequalInParallel: {
        severity: 'stop',
        bound: 'exactly',
        text: '{{packs}} are joined in parallel but differ in volts',
        why: 'The fuller pack charges the other as fast as the wires allow: heat, venting, fire.',
      },
    },
  },
  check({ picture }) {
    const packs = picture.sources.filter((one) => one.fitted.part.kind === 'pack');
    const groups = new Map<string, Source[]>();
    for (const one of packs)
      groups.set(`${one.plus}/${one.minus}`, [...(groups.get(`${one.plus}/${one.minus}`) ?? []), one]);
    return [...groups.values()].flatMap((group) => {
      const volts = group.map((one) => one.volts.full);
      const [high, low] = [Math.max(...volts), Math.min(...volts)];
      if (high === low) return [];
      return [
        {
          messageId: 'unequalInParallel' as const,
          data: { packs: nameList(group.map((one) => `the ${one.fitted.fitting.name}`)) },
          subjects: group.map((one) => fittingSubject(one.fitted.fitting.id)),
          actual: high,
          limit: low,
          unit: 'V' as const,
          formula: 'volts at full charge of one pack, against the other’s',
          terms: group.map((one) => sourceTerm(one, one.volts.full)),
          offers: [],
        },
      ];
    });
  },
});
