import { goesTogether, type Connector } from '../../model/connectors/mating';
import { refusalWords } from '../../model/connectors/refusal-words';
import type { Reading } from '../../reading/build-reading/reading';
import { connectorFamily } from '../../model/connectors/families';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { PortSpec } from '../../model/parts/port';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { Lead, PortRef } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { connect } from '../../judgement/put-right/connect';
import { canCutPlug, fitPlug, offerOtherPlug } from '../../judgement/put-right/re-terminate';
import { BuildIndex, farEnd, portKey } from '../../model/plan/build-index';

/** What putting one port to another may mean. */
export interface PortJoins {
  /** The ways, the plainest first; none where it cannot be. */
  ways: Patch[];
  /** Why it does not go by itself; nothing where it does. */
  why: string | undefined;
}

const refused = (why: string): PortJoins => ({ ways: [], why });

/**
 * The ways to join two ports: plug to plug, with an adapter of the locker, with another plug fitted, or beside what is
 * there by a Y-lead. A port with a lead in it stands for the end of that lead, which moves.
 */
export function portJoins(
  context: Reading,
  from: PortRef,
  to: PortRef,
  locker: readonly PartSpec[],
): PortJoins {
  const { index, build } = context;
  const moved = index.leadAt(from);
  const end = moved ? farEnd(moved, from) : from;
  const [a, b] = [index.port(end), index.port(to)];
  const name = index.get(end.fitting).fitting.name;
  const taken = index.leadAt(to);
  if (taken && taken === moved) return refused('it is there already');
  if (end.fitting === to.fitting) return refused(`both ends would be on the ${name}`);
  if (a.use !== b.use)
    return refused(
      `the ${index.portName(end)} is for ${useWords[a.use]}, the ${index.portName(to)} for ${useWords[b.use]}`,
    );
  if (taken) return beside(context, { end, to, moved, taken }, locker);
  const pulled: Edit[] = moved ? [{ type: 'removeLead', lead: moved.id }] : [];
  const words = `${name} into ${index.portName(to)}`;
  const key = `${portKey(end)}:${portKey(to)}`;
  if (goesTogether(a.connector, b.connector)) {
    const kept = moved && hasContacts(moved, from, b.pins) ? moveEnd(moved, from, to) : undefined;
    const edits = kept ?? joined(build, pulled, end, to, locker);
    return edits
      ? { ways: [{ id: `join:${key}`, label: `Plug the ${words}`, edits }], why: undefined }
      : refused('nothing joins them');
  }
  const why = refusalWords(a.connector, b.connector) ?? 'they do not go together';
  const withAdapter = joined(build, pulled, end, to, locker);
  return {
    why,
    ways: [
      ...(withAdapter
        ? [
            {
              id: `adapt:${key}`,
              label: `Put an adapter between: ${adapterOf(withAdapter)}`,
              edits: withAdapter,
            },
          ]
        : []),
      ...replugged(context, pulled, end, to, locker),
      ...soldered(context, pulled, end, to, locker),
    ],
  };
}

const useWords = {
  power: 'power',
  servo: 'a servo plug',
  motor: 'a motor',
  load: 'a load',
  serial: 'a stream of channels',
} as const;

const adapterOf = (edits: readonly Edit[]): string =>
  edits.flatMap((edit) => (edit.type === 'addFitting' ? [edit.part.name] : [])).join(', ');

/** The edits that join two ports once something is pulled; `undefined` where the locker has nothing that fits. */
function joined(
  build: Build,
  pulled: readonly Edit[],
  from: PortRef,
  to: PortRef,
  locker: readonly PartSpec[],
): Edit[] | undefined {
  const edits = connect(applyEdits(build, pulled), from, to, locker);
  return edits && [...pulled, ...edits];
}

const endOf = (lead: Lead, at: PortRef): 'from' | 'to' =>
  portKey(lead.from) === portKey(at) ? 'from' : 'to';

const moveEnd = (lead: Lead, at: PortRef, port: PortRef): Edit[] => [
  { type: 'moveLeadEnd', lead: lead.id, end: endOf(lead, at), port },
];

/** Whether a port has the contacts that the wires of a lead end in. */
const hasContacts = (lead: Lead, at: PortRef, pins: readonly { name: string }[]): boolean => {
  const end = endOf(lead, at);
  return lead.conductors.every((conductor) => pins.some(({ name }) => name === conductor[end]));
};

/** Another plug fitted to either side, so that the two go together. */
function replugged(
  context: Reading,
  pulled: readonly Edit[],
  from: PortRef,
  to: PortRef,
  locker: readonly PartSpec[],
): Patch[] {
  const { build } = context;
  return offerOtherPlug(context, { id: portKey(from), from, to, conductors: [] }).flatMap((patch) => {
    const edits = joined(applyEdits(build, patch.edits), pulled, from, to, locker);
    return edits ? [{ ...patch, edits: [...patch.edits, ...edits] }] : [];
  });
}

/** Both plugs cut off and the wires soldered to each other, where both hang on leads that can be cut. */
function soldered(
  { build, index }: Reading,
  pulled: readonly Edit[],
  from: PortRef,
  to: PortRef,
  locker: readonly PartSpec[],
): Patch[] {
  const [a, b] = [index.port(from), index.port(to)];
  const hasPlug = ({ connector }: PortSpec) => connectorFamily(connector.family).form !== 'open';
  const canCut = [from, to].every((ref) => canCutPlug(index.owner(ref).part));
  if (!canCut || !hasPlug(a) || !hasPlug(b) || a.pins.length !== b.pins.length) return [];
  const bare: Connector = { family: 'open', gender: 'none' };
  const first = fitPlug(index, from, bare);
  const second = fitPlug(new BuildIndex(applyEdits(build, [first])), to, bare);
  const edits = joined(applyEdits(build, [first, second]), pulled, from, to, locker);
  const names = [from, to].map(({ fitting }) => `the ${index.get(fitting).fitting.name}`);
  return edits
    ? [
        {
          id: `splice:${portKey(from)}:${portKey(to)}`,
          label: `Cut both plugs off and solder the wires: ${names.join(' to ')}`,
          edits: [first, second, ...edits],
        },
      ]
    : [];
}

interface Beside {
  end: PortRef;
  to: PortRef;
  moved: Lead | undefined;
  taken: Lead;
}

/** A Y-lead into a port that is taken, with what was there and what comes on its branches. */
function beside(
  { build, index }: Reading,
  { end, to, moved, taken }: Beside,
  locker: readonly PartSpec[],
): PortJoins {
  const there = farEnd(taken, to);
  const holder = index.get(there.fitting).fitting.name;
  const why = `the ${index.portName(to)} has the plug of the ${holder} in it`;
  const part = locker.find(
    (candidate) =>
      candidate.kind === 'cable' &&
      candidate.form === 'yLead' &&
      candidate.ports.length === 3 &&
      candidate.ports.every(({ use }) => use === index.port(to).use),
  );
  if (!part) return refused(why);
  const id = freshId(build, `${to.fitting}-y-lead`);
  const [into, first, second] = part.ports;
  const edits: Edit[] = [
    ...(moved ? [{ type: 'removeLead', lead: moved.id } as const] : []),
    { type: 'removeLead', lead: taken.id },
    { type: 'addFitting', fitting: { id, name: 'Y-lead', part: part.id }, part },
  ];
  for (const [from, port] of [
    [{ fitting: id, port: into!.id }, to],
    [there, { fitting: id, port: first!.id }],
    [end, { fitting: id, port: second!.id }],
  ] as const) {
    const more = connect(applyEdits(build, edits), from, port, locker);
    if (!more) return refused(why);
    edits.push(...more);
  }
  return {
    why,
    ways: [
      {
        id: `beside:${portKey(end)}:${portKey(to)}`,
        label: `Put a Y-lead there for both: ${part.name}`,
        edits,
      },
    ],
  };
}
