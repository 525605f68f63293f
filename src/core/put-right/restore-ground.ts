import type { BuildIndex, Fitted } from '../survey/build-index';
import type { Patch } from '../plan/patch';

/** Puts back the lifted minus wires of the leads on a part. */
export function offerRestoredGround(index: BuildIndex, { fitting }: Fitted): Patch[] {
  const cut = index
    .leadsOf(fitting.id)
    .filter((lead) =>
      lead.conductors.some((conductor) => conductor.state === 'lifted' && conductor.from === 'minus'),
    );
  if (cut.length === 0) return [];
  return [
    {
      id: `restore-ground:${fitting.id}`,
      label: `Put the minus wire back in at the ${fitting.name}`,
      edits: cut.map((lead) => ({
        type: 'setConductors',
        lead: lead.id,
        conductors: lead.conductors.map((conductor) =>
          conductor.from === 'minus' ? { ...conductor, state: 'whole' } : conductor,
        ),
      })),
    },
  ];
}
