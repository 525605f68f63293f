import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { Patch } from '../../model/plan/patch';
import { isJoined, joinedAgain, joinedAgainWords, type Conductor } from '../../model/plan/lead';

/** Puts back the lifted or cut minus or signal wires of the leads on a part. */
export function offerRestoredWire(
  index: BuildIndex,
  { fitting }: Fitted,
  pin: 'minus' | 'signal' = 'minus',
): Patch[] {
  const isOut = (wire: Conductor) => !isJoined(wire) && wire.from === pin;
  const cut = index.leadsOf(fitting.id).filter((lead) => lead.conductors.some(isOut));
  const wire = cut[0]?.conductors.find(isOut);
  if (!wire) return [];
  return [
    {
      id: `restore-${pin === 'minus' ? 'ground' : pin}:${fitting.id}`,
      label: `${joinedAgainWords(wire, `${pin} wire`)} at the ${fitting.name}`,
      edits: cut.map((lead) => ({
        type: 'setConductors',
        lead: lead.id,
        conductors: lead.conductors.map((each) => (isOut(each) ? joinedAgain(each) : each)),
      })),
    },
  ];
}
