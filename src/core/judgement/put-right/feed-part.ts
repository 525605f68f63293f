import type { Reading } from '../../reading/build-reading/reading';
import { applyEdits } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import type { Supply } from '../../reading/survey/power';
import { farEnd, portKey, type BuildIndex, type FreePort } from '../../model/plan/build-index';
import { connect } from './connect';
import { packOutlet } from './outlet';
import { isJoined, joinedAgain, joinedAgainWords } from '../../model/plan/lead';

/** Most ways that are looked at. */
const mostWays = 4;

/** Brings power to a part that has none: its free power plug into a free outlet of a pack, or a lifted plus put back in. */
export function offerPower(context: Reading, { fitted }: Supply): Patch[] {
  const { build, index, survey, locker } = context;
  const { id, name } = fitted.fitting;
  const nameAt = (inlet: FreePort) => index.get(inlet.ref.fitting).fitting.name;
  const restored = index.leadsOf(id).flatMap((lead): Patch[] => {
    const plus = lead.conductors.find((conductor) => !isJoined(conductor) && conductor.from === 'plus');
    if (!plus) return [];
    return [
      {
        id: `restore-plus:${lead.id}`,
        label: `${joinedAgainWords(plus, 'plus wire')} at the ${name}`,
        edits: [
          {
            type: 'setConductors',
            lead: lead.id,
            conductors: lead.conductors.map((conductor) =>
              conductor.from === 'plus' ? joinedAgain(conductor) : conductor,
            ),
          },
        ],
      },
    ];
  });
  const inlets = freeInlets(index, id);
  const outlets = index
    .freePorts()
    .filter(
      ({ ref, port }) => port.use === 'power' && port.flow === 'out' && isLive(context, ref.fitting, port),
    );
  const plugged = inlets.flatMap((inlet) => {
    const direct = outlets.slice(0, mostWays).flatMap((outlet): Patch[] => {
      const edits = connect(build, outlet.ref, inlet.ref, locker);
      return edits
        ? [
            {
              id: `feed:${portKey(inlet.ref)}:${portKey(outlet.ref)}`,
              label: `Plug the ${nameAt(inlet)} into the ${index.portName(outlet.ref)}`,
              edits,
            },
          ]
        : [];
    });
    if (direct.length > 0) return direct;
    return survey.packGroups().flatMap((packs): Patch[] => {
      const place = packOutlet(context, packs, inlet.port);
      const joined = place && connect(applyEdits(build, place.edits), place.outlet.ref, inlet.ref, locker);
      return place && joined
        ? [
            {
              id: `feed:${portKey(inlet.ref)}:harness`,
              label: `Plug the ${nameAt(inlet)} into a harness on ${packs.name}`,
              edits: [...place.edits, ...joined],
            },
          ]
        : [];
    });
  });
  return [...restored, ...plugged].slice(0, mostWays);
}

/** Power plugs that hang free: of the part, or of what its own power lead comes from. */
function freeInlets(index: BuildIndex, id: string, seen: readonly string[] = []): FreePort[] {
  return index.get(id).part.ports.flatMap((port): FreePort[] => {
    const ref = { fitting: id, port: port.id };
    if (port.use !== 'power' || port.flow !== 'in') return [];
    const lead = index.leadAt(ref);
    if (!lead) return [{ ref, port }];
    const before = farEnd(lead, ref).fitting;
    return seen.includes(before) ? [] : freeInlets(index, before, [...seen, id]);
  });
}

/** Whether a port's plus leads to a source. */
function isLive(
  { survey }: Reading,
  fitting: string,
  port: { pins: { name: string; net: string }[] },
): boolean {
  const plus = port.pins.find((pin) => pin.name === 'plus');
  const node = plus && survey.nets.node(fitting, plus.net);
  return survey.sources.some((source) => source.plus === node);
}
