import { connectorFamily } from '../../model/connectors/families';
import { mating } from '../../model/connectors/mating';
import type { Reading } from '../../reading/build-reading/reading';
import type { PinName } from '../../model/parts/port';
import type { Edit } from '../../model/plan/edits';
import { isJoined, type Conductor, type Lead, type PortRef } from '../../model/plan/lead';
import type { BuildIndex } from '../../model/plan/build-index';
import { wireId } from '../../reading/circuit/wires';
import { capital } from '../../base/words/sentences';
import { weights, type Fault } from './fault';
import { leadWords, plugEnd, plugWords, portWords, wireWords } from './fault-words';

/** Ohms of a joint or a wire that hangs by a strand, by whether servo currents or those of motors pass: rule of thumb. */
const strandOhms = { thin: 6, thick: 0.6 };

/** Test ids that look at a lead. */
const lookAt = {
  plug: (lead: string) => `plug:${lead}`,
  joint: (lead: string) => `joint:${lead}`,
};

/** What may be wrong with each lead: its plug, its port, its red wire, each of its wires. */
export function leadFaults(context: Reading): Fault[] {
  const { build, index } = context;
  return build.leads.flatMap((lead) => [
    ...plugFaults(index, lead),
    ...redWireFaults(index, lead),
    ...wireFaults(index, lead),
  ]);
}

const setConductors = (lead: Lead, change: (conductor: Conductor) => Conductor): Edit => ({
  type: 'setConductors',
  lead: lead.id,
  conductors: lead.conductors.map(change),
});

const isSoldered = (index: BuildIndex, lead: Lead): boolean =>
  mating(index.port(lead.from).connector, index.port(lead.to).connector).result === 'solder';

function plugFaults(index: BuildIndex, lead: Lead): Fault[] {
  if (isSoldered(index, lead)) return [];
  const { at, other } = plugEnd(index, lead);
  const end = at === lead.to ? 'to' : 'from';
  const family = connectorFamily(index.port(at).connector.family);
  const plug = plugWords(index, lead);
  const pins = index.port(at).pins.map(({ name }) => name);
  const about = { weight: weights.plug, touches: [at.fitting, other.fitting, lead.id] };
  const seen = (answer: string) => ({ [lookAt.plug(lead.id)]: answer });
  const moved = (to: (pin: PinName) => PinName | undefined): readonly Edit[] => [
    setConductors(lead, (conductor) => {
      const pin = to(conductor[end]);
      return pin === undefined ? { ...conductor, state: 'lifted' } : { ...conductor, [end]: pin };
    }),
  ];
  const reversed = [...pins].reverse();
  const canTurn = !family.keyed && pins.length > 1;
  const canShift = family.form === 'servo' && pins.length === 3;
  return [
    {
      ...about,
      id: `plug-off:${lead.id}`,
      label: `${capital(plug)} is not home`,
      harm: { edits: [setConductors(lead, (conductor) => ({ ...conductor, state: 'lifted' }))] },
      seen: seen('off'),
      cure: `Push ${plug} home.`,
    },
    ...(canTurn
      ? [
          {
            ...about,
            id: `plug-turned:${lead.id}`,
            label: `${capital(plug)} is in the wrong way round`,
            harm: { edits: moved((pin) => reversed[pins.indexOf(pin)]) },
            seen: seen('turned'),
            cure: `Pack out, then turn ${plug} round: ${wireOrder(lead, end, pins)}.`,
          },
        ]
      : []),
    ...(canShift
      ? [
          {
            ...about,
            id: `plug-shifted:${lead.id}`,
            label: `${capital(plug)} sits one pin off`,
            harm: { edits: moved((pin) => pins[pins.indexOf(pin) + 1]) },
            seen: seen('onePinOff'),
            cure: `Pack out, then put ${plug} on all three pins of its row.`,
          },
        ]
      : []),
  ];
}

/** Which colour belongs on which contact. */
const wireOrder = (lead: Lead, end: 'from' | 'to', pins: readonly PinName[]): string =>
  pins
    .flatMap((pin) => lead.conductors.filter((conductor) => conductor[end] === pin))
    .map(({ colour, [end]: pin }) => `${colour} on ${pin}`)
    .join(', ');

/** Red wires of regulators: lifted where they should join, or the other way about. */
function redWireFaults(index: BuildIndex, lead: Lead): Fault[] {
  const red = lead.conductors.find(({ from }) => from === 'plus');
  const ends = [lead.from, lead.to];
  const isOfController = ends.some(
    (ref) => index.owner(ref).kind === 'controller' && index.port(ref).use === 'servo',
  );
  // What was cut neither slips back in nor out.
  if (!red || !isOfController || red.state === 'cut') return [];
  const isIn = isJoined(red);
  const plug = plugWords(index, lead);
  return [
    {
      id: `${isIn ? 'red-lifted' : 'red-in'}:${lead.id}`,
      label: isIn
        ? `The ${red.colour} wire is lifted from ${plug}`
        : `The ${red.colour} wire is still in ${plug}`,
      weight: weights.redWire,
      harm: {
        edits: [
          setConductors(lead, (conductor) =>
            conductor === red ? { ...conductor, state: isIn ? 'lifted' : 'whole' } : conductor,
          ),
        ],
      },
      seen: { [lookAt.plug(lead.id)]: 'redWire' },
      cure: isIn
        ? `Put the ${red.colour} wire back into ${plug}: it feeds the rail.`
        : `Pack out, then lift the ${red.colour} wire out of ${plug} and insulate it.`,
      touches: [...ends.map(({ fitting }) => fitting), lead.id],
    },
  ];
}

/** Each wire of a lead open, and those that carry power of high ohms. */
function wireFaults(index: BuildIndex, lead: Lead): Fault[] {
  const isOwn = isSoldered(index, lead);
  const ends: PortRef[] = [lead.from, lead.to];
  const isMotor = ends.some((ref) => index.port(ref).use === 'motor');
  const about = {
    weight: isOwn ? weights.joint : isMotor ? weights.phase : weights.factory,
    touches: [...ends.map(({ fitting }) => fitting), lead.id],
  };
  const ohms = ends.some((ref) => index.port(ref).use === 'servo') ? strandOhms.thin : strandOhms.thick;
  const words = leadWords(index, lead);
  return lead.conductors.filter(isJoined).flatMap((wire): Fault[] => {
    const name = `${wireWords(wire)} of ${words}`;
    const seen = (answer: string): Record<string, string> =>
      isOwn ? { [lookAt.joint(lead.id)]: answer } : {};
    const cure = isOwn
      ? `Open the shrink on ${words}, solder ${wireWords(wire)} anew, tug it, shrink.`
      : `Put another lead in the place of ${words}, or solder ${wireWords(wire)}.`;
    return [
      {
        ...about,
        id: `open:${wireId(lead.id, wire.from)}`,
        label: `${capital(name)} is open${isOwn ? ' at its joint' : ''}`,
        harm: {
          edits: [
            setConductors(lead, (each) => (each === wire ? { ...each, state: 'lifted' as const } : each)),
          ],
        },
        seen: seen('open'),
        cure,
      },
      ...(wire.from === 'plus' || wire.from === 'minus'
        ? [
            {
              ...about,
              id: `high:${wireId(lead.id, wire.from)}`,
              label: `${capital(name)} hangs by a strand${isOwn ? ': a cold joint' : ''}`,
              harm: { ohms: { wire: wireId(lead.id, wire.from), ohms } },
              seen: seen('cold'),
              cure,
            },
          ]
        : []),
    ];
  });
}

/** Plugs in ports that are not theirs: two that changed places, or one beside its place. */
export function portFaults({ index }: Reading): Fault[] {
  const plugged = index.ofKind('receiver').flatMap(({ fitting, part }) =>
    part.ports.flatMap((port) => {
      const ref = { fitting: fitting.id, port: port.id };
      const lead = port.channel === undefined ? undefined : index.leadAt(ref);
      return lead ? [{ lead, ref: isEnd(lead.from, ref) ? lead.from : lead.to }] : [];
    }),
  );
  // A lead from one receiver to another is one plug to be told of, as there is one way to look at it.
  const onChannels = [...new Map(plugged.map((plug) => [plug.lead.id, plug])).values()];
  const swaps = onChannels.flatMap(({ lead, ref }, n): Fault[] => {
    const next = onChannels[n + 1];
    if (!next) return [];
    return [
      {
        id: `ports-swapped:${lead.id}:${next.lead.id}`,
        label: `The plugs in ${portWords(index, ref)} and in ${index.port(next.ref).name} have changed places`,
        weight: weights.port,
        harm: { edits: [move(lead, ref, next.ref), move(next.lead, next.ref, ref)] },
        seen: { [lookAt.plug(lead.id)]: 'elsewhere', [lookAt.plug(next.lead.id)]: 'elsewhere' },
        cure: `Pack out, then change the plugs in ${portWords(index, ref)} and in ${index.port(next.ref).name} over.`,
        touches: [...ends(lead), ...ends(next.lead), lead.id, next.lead.id],
      },
    ];
  });
  const beside = onChannels.flatMap(({ lead, ref }): Fault[] => {
    const free = index
      .get(ref.fitting)
      .part.ports.find(
        (port) => port.channel !== undefined && !index.leadAt({ fitting: ref.fitting, port: port.id }),
      );
    if (!free) return [];
    return [
      {
        id: `wrong-port:${lead.id}`,
        label: `${capital(plugWords(index, lead))} is in ${free.name} instead`,
        weight: weights.port,
        harm: { edits: [move(lead, ref, { fitting: ref.fitting, port: free.id })] },
        seen: { [lookAt.plug(lead.id)]: 'elsewhere' },
        cure: `Pack out, then move the plug from ${free.name} to ${portWords(index, ref)}.`,
        touches: [...ends(lead), lead.id],
      },
    ];
  });
  return [...swaps, ...beside];
}

const isEnd = (end: PortRef, { fitting, port }: PortRef): boolean =>
  end.fitting === fitting && end.port === port;

const ends = ({ from, to }: Lead): string[] => [from.fitting, to.fitting];

const move = (lead: Lead, from: PortRef, port: PortRef): Edit => ({
  type: 'moveLeadEnd',
  lead: lead.id,
  end: lead.from === from ? 'from' : 'to',
  port,
});

/** Motors or loads that changed places on what drives them. */
export function swappedLoads({ build, index }: Reading): Fault[] {
  const driven = build.leads.filter((lead) =>
    [lead.from, lead.to].some((ref) => index.port(ref).use === 'motor' && index.owner(ref).kind === 'motor'),
  );
  return driven.slice(1).flatMap((lead, n): Fault[] => {
    const before = driven[n]!;
    const [here, there] = [loadEnd(index, lead), loadEnd(index, before)];
    const alike = index.port(here).connector.family === index.port(there).connector.family;
    if (!alike || index.port(here).pins.length !== index.port(there).pins.length) return [];
    const names = [here, there].map(({ fitting }) => index.get(fitting).fitting.name);
    return [
      {
        id: `loads-swapped:${before.id}:${lead.id}`,
        label: `The ${names[1]} and the ${names[0]} hang on each other’s controller`,
        weight: weights.swapped,
        harm: { edits: [move(lead, here, there), move(before, there, here)] },
        seen: { [lookAt.plug(lead.id)]: 'elsewhere', [lookAt.plug(before.id)]: 'elsewhere' },
        cure: `Pack out, then change the leads of the ${names[1]} and the ${names[0]} over.`,
        touches: [...ends(lead), ...ends(before), lead.id, before.id],
      },
    ];
  });
}

const loadEnd = (index: BuildIndex, lead: Lead): PortRef =>
  index.owner(lead.from).kind === 'motor' ? lead.from : lead.to;
