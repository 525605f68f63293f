import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Patch } from '../../model/plan/patch';
import { isJoined, joinedAgain, joinedAgainWords, type Conductor } from '../../model/plan/lead';

/** Puts back the lifted minus wires of the leads on a part. */
export function offerRestoredGround(index: BuildIndex, { fitting }: Fitted): Patch[] {
  const isOut = (wire: Conductor) => !isJoined(wire) && wire.from === 'minus';
  const cut = index.leadsOf(fitting.id).filter((lead) => lead.conductors.some(isOut));
  const wire = cut[0]?.conductors.find(isOut);
  if (!wire) return [];
  return [
    {
      id: `restore-ground:${fitting.id}`,
      label: `${joinedAgainWords(wire, 'minus wire')} at the ${fitting.name}`,
      edits: cut.map((lead) => ({
        type: 'setConductors',
        lead: lead.id,
        conductors: lead.conductors.map((each) => (isOut(each) ? joinedAgain(each) : each)),
      })),
    },
  ];
}
