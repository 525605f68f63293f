import { endAt } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import type { NodeId } from '../../reading/survey/nets';
import { isJoined, joinedAgain, joinedAgainWords, type Conductor, type Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { terminalsOf } from '../../model/kinds';
import type { Reading } from '../../reading/build-reading/reading';

/** A regulator whose plus is lifted or cut out of the lead that would bring it to a node. */
export interface LiftedRed {
  source: Fitted;
  lead: Lead;
  conductor: Conductor;
}

/** Wires lifted or cut that would bring a regulator's plus to the node; the strongest regulator first. */
export function liftedReds({ index, survey }: Reading, node: NodeId): LiftedRed[] {
  const found = index.all().flatMap((source): LiftedRed[] => {
    const gives = terminalsOf(source.part).gives;
    if (!gives?.regulator) return [];
    return index.leadsOf(source.fitting.id).flatMap((lead) => {
      const [near, far] =
        endAt(lead, source.fitting.id) === 'from' ? (['from', 'to'] as const) : (['to', 'from'] as const);
      return lead.conductors.flatMap((conductor) => {
        const nearNet = index.port(lead[near]).pins.find((pin) => pin.name === conductor[near])?.net;
        const farNet = index.port(lead[far]).pins.find((pin) => pin.name === conductor[far])?.net;
        const brings =
          nearNet !== undefined &&
          survey.nets.node(lead[near].fitting, nearNet) === survey.nets.node(source.fitting.id, gives.plus) &&
          farNet &&
          survey.nets.node(lead[far].fitting, farNet) === node;
        return brings && !isJoined(conductor) ? [{ source, lead, conductor }] : [];
      });
    });
  });
  const amps = (lifted: LiftedRed) => terminalsOf(lifted.source.part).gives?.regulator?.maxAmps.value ?? 0;
  return found.sort((a, b) => amps(b) - amps(a));
}

export function offerRestoredRed({ source, lead, conductor }: LiftedRed): Patch[] {
  return [
    {
      id: `restore-red:${source.fitting.id}`,
      label: `${joinedAgainWords(conductor, 'red wire')} at the ${source.fitting.name}`,
      edits: [
        {
          type: 'setConductors',
          lead: lead.id,
          conductors: lead.conductors.map((each) => (each === conductor ? joinedAgain(each) : each)),
        },
      ],
    },
  ];
}
