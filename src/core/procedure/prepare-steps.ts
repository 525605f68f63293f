import type { Lead } from '../plan/lead';
import { connectorFamily } from '../connectors/families';
import { mating } from '../connectors/mating';
import type { PinName } from '../parts/port';
import type { CheckContext } from '../findings/context';
import { capital } from '../words/sentences';
import type { Step } from './step';

const unpowered = { needsPower: false, isHold: false } as const;

/** Joints, lifted wires, adapters, polarity and shorts, and then every plug in its port, with the pack out. */
export function prepareSteps(context: CheckContext): Step[] {
  const plugs = plugSteps(context);
  return [
    ...jointSteps(context),
    ...liftSteps(context),
    ...plugs.filter((step) => step.phase === 'prepare'),
    ...inspectSteps(context),
    ...plugs.filter((step) => step.phase === 'plugIn'),
    ...boxSteps(context),
  ];
}

/** The receiver's box is closed last, when nothing more goes into it. */
function boxSteps({ build, index }: CheckContext): Step[] {
  if (build.brief.exposure === 'dry' || build.policies.receiverCare === 'coated') return [];
  return index.ofKind('receiver').map(({ fitting }) => ({
    id: `box:${fitting.id}`,
    phase: 'plugIn',
    title: `Close the sealed box over the ${fitting.name}`,
    lines: [
      'Lead each wire through a gland or a greased seal, with a drip loop below it; keep the antenna upright and clear of power leads.',
      'The bind button or port must stay within reach until it is bound.',
    ],
    cautions: [],
    ...unpowered,
  }));
}

function jointSteps({ build, index }: CheckContext): Step[] {
  return build.leads
    .filter(
      (lead) => mating(index.port(lead.from).connector, index.port(lead.to).connector).result === 'solder',
    )
    .map((lead) => ({
      id: `joint:${lead.id}`,
      lead: lead.id,
      phase: 'prepare',
      title: `Solder the ${index.get(lead.from.fitting).fitting.name} to the ${index.get(lead.to.fitting).fitting.name}`,
      lines: [
        `${lead.conductors.length} joints: ${lead.conductors.map((one) => one.colour).join(', ')}.`,
        'Slide heat shrink on first, tin both ends, join, tug, shrink.',
      ],
      cautions: ['solder'],
      ...unpowered,
    }));
}

function liftSteps({ build, index }: CheckContext): Step[] {
  return build.leads.flatMap((lead) => {
    const lifted = lead.conductors.filter((one) => one.state === 'lifted');
    if (lifted.length === 0) return [];
    const name = index.get(lead.from.fitting).fitting.name;
    return [
      {
        id: `lift:${lead.id}`,
        lead: lead.id,
        phase: 'prepare' as const,
        title: `Lift the ${lifted.map((one) => one.colour).join(' and ')} wire of the ${name}`,
        lines: [
          `Ease its contact out of the plug that goes to the ${index.portName(lead.to)}; fold it back and insulate it. Do not cut it.`,
        ],
        cautions: ['liveLeads' as const],
        ...unpowered,
      },
    ];
  });
}

function inspectSteps(context: CheckContext): Step[] {
  const { survey, index } = context;
  const packs = index.ofKind('pack').map((one) => one.fitting.name);
  if (packs.length === 0) return [];
  const raw = survey.supplies
    .filter((one) => one.sources[0]?.fitted.kind === 'pack')
    .map((one) => capital(one.fitted.fitting.name));
  return [
    {
      id: 'polarity',
      phase: 'inspect',
      title: 'Check polarity from the pack plug outwards',
      lines: [
        `Pack out. Meter on continuity: plus of the plug for the ${packs.join(' and ')} to plus of each: ${raw.join(', ') || 'nothing yet'}. Then minus to minus.`,
        'A beep from plus to plus and from minus to minus, and nowhere else.',
      ],
      cautions: ['liveLeads'],
      needsPower: false,
      isHold: true,
    },
    {
      id: 'shorts',
      phase: 'inspect',
      title: 'Check for shorts',
      lines: [
        'Pack out. Meter across plus and minus of the pack plug: it may blip as capacitors fill, it must not stay.',
        'Bend each joint gently while you measure.',
      ],
      cautions: ['liveLeads'],
      needsPower: false,
      isHold: true,
    },
  ];
}

function plugSteps({ index, build }: CheckContext): Step[] {
  const packIds = new Set(index.ofKind('pack').map((one) => one.fitting.id));
  const plugged = build.leads.filter(
    (lead) =>
      mating(index.port(lead.from).connector, index.port(lead.to).connector).result !== 'solder' &&
      !packIds.has(lead.from.fitting) &&
      !packIds.has(lead.to.fitting),
  );
  return plugged.map((lead) => plugStep(index, build, lead));
}

function plugStep(index: CheckContext['index'], build: CheckContext['build'], lead: Lead): Step {
  const receiverEnd = [lead.from, lead.to].find((end) => index.get(end.fitting).part.kind === 'receiver');
  const deviceEnd = receiverEnd === lead.from ? lead.to : lead.from;
  const device = index.get(deviceEnd.fitting).fitting;
  const port = receiverEnd && index.port(receiverEnd);
  const carried =
    port?.channel === undefined ? undefined : build.functions.find((one) => one.channel === port.channel);
  const words = lead.conductors
    .filter((one) => one.state === 'whole')
    .map((one) => `${one.colour} is ${pinWords[one.from]}`)
    .join(', ');
  const family = connectorFamily(index.port(lead.from).connector.family).name;
  return {
    id: `plug:${lead.id}`,
    lead: lead.id,
    // Power leads are joined first, so that polarity can be followed through them.
    phase: index.port(lead.from).use === 'servo' ? 'plugIn' : 'prepare',
    title: receiverEnd
      ? `${capital(device.name)} into receiver ${port?.name ?? ''}`
      : `${capital(index.get(lead.from.fitting).fitting.name)} to the ${index.get(lead.to.fitting).fitting.name}`,
    lines: [
      ...(carried ? [`Channel ${carried.channel}, ${carried.name.toLowerCase()}.`] : []),
      `${capital(words)}; ${family}.${lead.metres ? ` The run is ${Math.round(lead.metres.value * 1000)} mm.` : ''}`,
    ],
    cautions: [],
    ...unpowered,
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
