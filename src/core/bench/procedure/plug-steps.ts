import { connectorFamily } from '../../model/connectors/families';
import { mating } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { PinName } from '../../model/parts/port';
import { isJoined, type Lead } from '../../model/plan/lead';
import { channelInputs } from '../../reading/radio/channel-inputs';
import { capital, nameList } from '../../base/words/sentences';
import type { Step } from './step';
import { radioHeardBy } from '../../reading/radio/radios';

export const unpowered = { needsPower: false, isHold: false } as const;

/** Power plugs between the packs and what stands before the regulators: joined first, so that polarity can be followed through them. */
export const powerPlugSteps = (context: Reading): Step[] =>
  plugSteps(context).filter((step) => step.phase === 'prepare');

/** Every plug in its port, and whatever hangs on a regulator, once its volts are known. */
export const plugInSteps = (context: Reading): Step[] =>
  plugSteps(context).filter((step) => step.phase === 'plugIn');

function plugSteps(context: Reading): Step[] {
  const { index, build } = context;
  const packIds = new Set(index.ofKind('pack').map((pack) => pack.fitting.id));
  const plugged = build.leads.filter(
    (lead) =>
      mating(index.port(lead.from).connector, index.port(lead.to).connector).result !== 'solder' &&
      !packIds.has(lead.from.fitting) &&
      !packIds.has(lead.to.fitting),
  );
  return plugged.map((lead) => plugStep(context, lead));
}

/** Whether a lead takes a rail's plus, or a signal, to somebody. */
function hangsOnRail({ survey, index }: Reading, { from }: Lead): boolean {
  const port = index.port(from);
  const plus = port.pins.find((pin) => pin.name === 'plus');
  const node = plus && survey.nets.node(from.fitting, plus.net);
  return port.use === 'servo' || survey.rails.some((rail) => rail.plus === node);
}

function plugStep(context: Reading, lead: Lead): Step {
  const { index, survey } = context;
  const run = survey.leadWords(lead);
  const receiverEnd = [lead.from, lead.to].find((end) => index.get(end.fitting).part.kind === 'receiver');
  const deviceEnd = receiverEnd === lead.from ? lead.to : lead.from;
  const device = index.get(deviceEnd.fitting).fitting;
  const port = receiverEnd && index.port(receiverEnd);
  const receiver = receiverEnd && index.owner(receiverEnd);
  const carried =
    port?.channel === undefined || receiver?.kind !== 'receiver'
      ? []
      : channelInputs(radioHeardBy(context, receiver), port.channel);
  const words = lead.conductors
    .filter(isJoined)
    .map((conductor) => `${conductor.colour} is ${pinWords[conductor.from]}`)
    .join(', ');
  const family = connectorFamily(index.port(lead.from).connector.family).name;
  return {
    id: `plug:${lead.id}`,
    lead: lead.id,
    phase: hangsOnRail(context, lead) ? 'plugIn' : 'prepare',
    title: receiverEnd
      ? `${capital(device.name)} into receiver ${port?.name ?? ''}`
      : `${capital(index.get(lead.from.fitting).fitting.name)} to the ${index.get(lead.to.fitting).fitting.name}`,
    lines: [
      ...(carried.length > 0
        ? [
            `Channel ${port?.channel}, ${nameList(carried.map((input) => input.function.name.toLowerCase()))}.`,
          ]
        : []),
      `${capital(words)}; ${family}.${run === undefined ? '' : ` The run is ${run}.`}`,
    ],
    cautions: [],
    ...unpowered,
    touches: [lead.from.fitting, lead.to.fitting],
  };
}

const pinWords: Record<PinName, string> = {
  signal: 'signal',
  plus: 'plus',
  minus: 'minus',
  a: 'motor wire 1',
  b: 'motor wire 2',
  c: 'motor wire 3',
};
