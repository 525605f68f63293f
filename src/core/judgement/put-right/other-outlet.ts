import { connectorFamily } from '../../model/connectors/families';
import type { Reading } from '../../reading/build-reading/reading';
import { applyEdits } from '../../model/plan/edits';
import type { Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { farEnd } from '../../model/plan/build-index';
import { connect } from './connect';

/** Moves a lead to another outlet of the same cable or board that gives the same nets through a stronger plug. */
export function offerOtherOutlet({ build, index, locker }: Reading, lead: Lead): Patch[] {
  const ampsOf = (port: { connector: { family: Parameters<typeof connectorFamily>[0] } }) =>
    connectorFamily(port.connector.family).amps;
  return [lead.from, lead.to].flatMap((here) => {
    const now = index.port(here);
    const nets = now.pins.map((pin) => pin.net).join();
    const far = farEnd(lead, here);
    return index
      .freePorts()
      .filter(
        ({ ref, port }) =>
          ref.fitting === here.fitting &&
          port.use === now.use &&
          port.flow === now.flow &&
          port.pins.map((pin) => pin.net).join() === nets &&
          ampsOf(port) > ampsOf(now),
      )
      .flatMap(({ ref }): Patch[] => {
        const pulled = { type: 'removeLead', lead: lead.id } as const;
        const [from, to] = lead.from === here ? [ref, far] : [far, ref];
        const joined = connect(applyEdits(build, [pulled]), from, to, locker);
        return joined
          ? [
              {
                id: `other-outlet:${lead.id}:${ref.port}`,
                label: `Move the plug of the ${index.get(far.fitting).fitting.name} to the ${index.portName(ref)}`,
                edits: [pulled, ...joined],
              },
            ]
          : [];
      });
  });
}
