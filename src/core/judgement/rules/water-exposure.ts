import type { Exposure } from '../../model/plan/brief';
import type { Protection } from '../../model/parts/part-base';
import { kindOfAny } from '../../model/kinds';
import { defineRule } from './rule';
import { fittingSubject, type Missing, type Report } from '../findings/report';
import type { Reading } from '../../reading/build-reading/reading';
import type { Patch } from '../../model/plan/patch';
import { offerSwaps } from '../put-right/swap-part';
import type { Fitted } from '../../model/kinds/fitted';
import { plannedTerm } from './support/terms';
import { nameList } from '../../base/words/sentences';

/** How much protection each exposure asks for: 0 open, 1 coated, 2 sealed. */
const wanted: Record<Exposure, number> = { dry: 0, dust: 1, splash: 1, wet: 2 };
const given: Record<Protection, number> = { open: 0, coated: 1, sealed: 2 };

type Message = 'tooOpen' | 'openToDust';

/** Protection of the electronics against the exposure in the Brief. */
export const waterExposure = defineRule<Message>({
  meta: {
    id: 'water-exposure',
    well: 'space',
    title: 'Coated or sealed against the exposure',
    messages: {
      tooOpen: {
        severity: 'mind',
        bound: 'least',
        short: 'open to water',
        text: '{{parts}} {{stand}} open where the Brief expects {{exposure}}',
        why: 'Water on a bare board: strange behaviour first, corrosion later, and the receiver is the first to go.',
      },
      openToDust: {
        severity: 'note',
        bound: 'least',
        short: 'open to dust',
        text: '{{parts}} {{stand}} open where the Brief expects dust',
        why: 'Dust alone is shaken or blown out. With wet grass or puddles a bare board needs a coat or a box: set that in the Brief.',
      },
    },
  },
  check(context) {
    const { build, index } = context;
    const { exposure } = build.brief;
    const needs = wanted[exposure];
    if (needs === 0) return [];
    const isBoxed = build.policies.receiverCare !== 'coated';
    const parts = index
      .pieces()
      .filter(({ part }) => kindOfAny(part).isDelicate && !(isBoxed && part.kind === 'receiver'));
    const silent = parts.filter(({ part }) => part.protection === undefined);
    const open = parts.filter(({ part }) => part.protection !== undefined && given[part.protection] < needs);
    const isDust = exposure === 'dust';
    // Dust alone does no bare board much harm: nobody is asked about it.
    const said: (Report<Message> | Missing)[] = (isDust ? [] : silent).map(({ fitting }) => ({
      missing: `protection of the ${fitting.name}`,
      subjects: [fittingSubject(fitting.id)],
    }));
    if (open.length === 0) return said;
    const least = Math.min(...open.map(({ part }) => given[part.protection ?? 'open']));
    said.push({
      messageId: isDust ? 'openToDust' : 'tooOpen',
      data: {
        parts: nameList(open.map(({ fitting }) => `the ${fitting.name}`)),
        stand: open.length === 1 ? 'stands' : 'stand',
        exposure,
      },
      subjects: open.map(({ fitting }) => fittingSubject(fitting.id)),
      actual: least,
      limit: needs,
      unit: 'grades',
      formula: 'protection of the part (0 open, 1 coated, 2 sealed), against what the exposure asks',
      terms: [
        plannedTerm('least protected part', least, 'grades'),
        plannedTerm(`asked for ${exposure}`, needs, 'grades'),
      ],
      offers: () => offerProtected(context, open, needs),
    });
    return said;
  },
});

/** Parts in place of those that stand open; where there are several, all in one step. */
function offerProtected(context: Reading, open: readonly Fitted[], needs: number): Patch[] {
  const swaps = open.map((fitted) =>
    offerSwaps(context, fitted, ({ protection }) => protection !== undefined && given[protection] >= needs),
  );
  if (swaps.length === 1) return swaps.flat();
  const firsts = swaps.flatMap((all) => all.slice(0, 1));
  return firsts.length < swaps.length
    ? []
    : [
        {
          id: `protect:${firsts.map((patch) => patch.id).join('+')}`,
          label: `Swap ${nameList(open.map(({ fitting }) => `the ${fitting.name}`))} for parts that stand it`,
          edits: firsts.flatMap((patch) => patch.edits),
        },
      ];
}
