import { mostToGive } from '../limits/volts';
import { drawsOf } from '../../reading/circuit/draws';
import { mating } from '../../model/connectors/mating';
import { readingOf, type Reading } from '../../reading/build-reading/reading';
import type { BecSpec } from '../../model/kinds/bec/bec';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { PortSpec } from '../../model/parts/port';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { freshId } from '../../model/plan/fresh-id';
import type { Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';
import { usualLead } from '../../model/plan/usual-run';
import { counted, nameList } from '../../base/words/sentences';
import { formatQuantity } from '../../base/quantity/format';
import { endAt, farEnd, type FreePort } from '../../model/plan/build-index';
import type { Supply } from '../../reading/survey/power';
import { packOutlet } from './outlet';
import { offerShare } from './share-regulator';
import { suits } from './stand-alone-bec';

/**
 * Gives one part a second rail that is there already, or a regulator of its own: between its power plug and the pack, or, for one on a receiver lead, by a
 * second-rail lead that takes its signal and ground from the port and its plus from the regulator.
 */
export function offerOwnRegulator(context: Reading, supply: Supply): Patch[] {
  const { survey, locker, index } = context;
  const { fitting, part } = supply.fitted;
  const [source] = supply.sources;
  const packs = source && survey.packsBehind(source);
  const lead = part.ports.map((port) => index.leadAt({ fitting: fitting.id, port: port.id })).find(Boolean);
  if (!packs || !lead || supply.fitted.kind === 'receiver') return [];
  const draws = drawsOf(supply);
  const asked = draws && !('missing' in draws) ? draws.stalled.value : 0;
  const most = supply.terminal.maxVolts?.value ?? mostToGive(part).volts;
  const least = supply.terminal.minVolts?.value ?? 0;
  const becs = locker
    .filter((candidate): candidate is BecSpec => candidate.kind === 'bec')
    .map((bec) => ({
      bec,
      volts: Math.max(...bec.regulator.voltsChoices.filter((v) => v <= most && v >= least)),
    }))
    .filter(({ bec, volts }) => Number.isFinite(volts) && suits(bec, volts, packs, asked))
    // On a servo's lead one with a plug of that kind first: another part can share its harness later.
    .sort(
      (a, b) =>
        Number(hasServoOutput(b.bec)) - Number(hasServoOutput(a.bec)) ||
        a.bec.regulator.maxAmps.value - b.bec.regulator.maxAmps.value,
    );
  const shared = offerShare(context, supply, lead, asked);
  for (const { bec, volts } of becs) {
    const edits = wire(context, supply, lead, bec, volts);
    if (edits)
      return [
        ...shared,
        {
          id: `own-regulator:${fitting.id}:${bec.id}`,
          label: `Give the ${fitting.name} its own BEC, ${formatQuantity(volts, 'V')} ${formatQuantity(bec.regulator.maxAmps.value, 'A')}`,
          edits,
        },
      ];
  }
  return shared;
}

/** Most parts that are taken off a rail which one plug must carry. */
const mostRelieved = 3;

/**
 * A plug of a rail that is asked for too much: the servo that it feeds, or else the parts that take most on the rail, one
 * after the other, on a regulator of their own. Each offer takes one more away than the one before.
 */
export function offerRelief(context: Reading, lead: Lead): Patch[] {
  const ends = [lead.from, lead.to].map((end) => context.index.get(end.fitting));
  const servo = ends.find((fitted) => fitted.kind === 'servo');
  const supply = servo && context.survey.supplyOf(servo.fitting.id);
  if (supply) return offerOwnRegulator(context, supply);
  const receiver = ends.find((fitted) => fitted.kind === 'receiver')?.fitting.id;
  const offers: Patch[] = [];
  let reading = context;
  for (let edits: Edit[] = []; receiver && offers.length < mostRelieved;) {
    const relief = reliefOf(reading, receiver);
    if (!relief) break;
    edits = folded([...edits, ...relief.edits]);
    offers.push({
      id: offers.length === 0 ? relief.id : `relief:${receiver}:${offers.length + 1}`,
      label: offers.length === 0 ? relief.label : reliefWords(context, edits),
      edits,
    });
    reading = readingOf(applyEdits(reading.build, relief.edits), context.locker);
  }
  return offers;
}

/** What several steps come to: the parts that leave a rail, and the BECs that are new. */
function reliefWords({ build, index }: Reading, edits: readonly Edit[]): string {
  const moved = edits.flatMap((edit) => {
    const lead = edit.type === 'removeLead' ? build.leads.find(({ id }) => id === edit.lead) : undefined;
    const servo =
      lead && [lead.from, lead.to].map((end) => index.get(end.fitting)).find(({ kind }) => kind === 'servo');
    return servo ? [`the ${servo.fitting.name}`] : [];
  });
  const becs = edits.flatMap((edit) =>
    (edit.type === 'addFitting' || edit.type === 'swapPart') && edit.part.kind === 'bec'
      ? [edit.part.name]
      : [],
  );
  return `Take ${nameList(moved)} off this rail, with ${counted(becs.length, 'new BEC')}: ${becs.join('; ')}`;
}

/** Edits in which what is added is added as it is to be, and not exchanged right after. */
function folded(edits: readonly Edit[]): Edit[] {
  const parts = new Map(
    edits.flatMap((edit) => (edit.type === 'swapPart' ? [[edit.fitting, edit.part]] : [])),
  );
  const added = new Set(edits.flatMap((edit) => (edit.type === 'addFitting' ? [edit.fitting.id] : [])));
  return edits.flatMap((edit): Edit[] => {
    if (edit.type === 'swapPart' && added.has(edit.fitting)) return [];
    const part = edit.type === 'addFitting' ? parts.get(edit.fitting.id) : undefined;
    return part && edit.type === 'addFitting'
      ? [{ ...edit, fitting: { ...edit.fitting, part: part.id }, part }]
      : [edit];
  });
}

/** The heaviest servo on a receiver's rail that the locker has what it takes for, on a regulator of its own. */
function reliefOf(reading: Reading, receiver: string): Patch | undefined {
  const { survey, circuit } = reading;
  const rail = survey.rails.find(({ supplies }) =>
    supplies.some(({ fitted }) => fitted.fitting.id === receiver),
  );
  const load = circuit.railLoads().find((railLoad) => railLoad.rail === rail);
  for (const { fitted } of load?.shares ?? []) {
    const supply = fitted.kind === 'servo' && survey.supplyOf(fitted.fitting.id);
    const [offer] = supply ? offerOwnRegulator(reading, supply) : [];
    if (offer) return offer;
  }
  return undefined;
}

function wire(context: Reading, supply: Supply, lead: Lead, bec: BecSpec, volts: number): Edit[] | undefined {
  const { build, index, survey } = context;
  const { fitting } = supply.fitted;
  const here = lead[endAt(lead, fitting.id)];
  const own: FreePort = { ref: here, port: index.port(here) };
  const there = farEnd(lead, here);
  const far: FreePort = { ref: there, port: index.port(there) };
  const input = bec.ports.find((port) => port.flow === 'in');
  const output = bec.ports.find((port) => port.flow === 'out');
  const packs = survey.packsBehind(supply.sources[0]!);
  // The outlet that the part's own plug leaves is as good as any.
  const isOutlet = input && far.port.use === 'power' && far.port.flow === 'out' && goes(far.port, input);
  const place = isOutlet ? { edits: [], outlet: far } : input && packs && packOutlet(context, packs, input);
  if (!input || !output || !place) return undefined;
  const id = freshId(build, `${fitting.id}-bec`);
  const at = (port: PortSpec, of: string): FreePort => ({ ref: { fitting: of, port: port.id }, port });
  const taken: string[] = [];
  const join = (from: FreePort, to: FreePort): Edit => {
    const leadId = freshId(
      build,
      `${from.ref.fitting}-${from.ref.port}--${to.ref.fitting}`.replace(/[. ]/g, '-'),
    );
    const free = taken.includes(leadId) ? `${leadId}-${taken.length}` : leadId;
    taken.push(free);
    return { type: 'addLead', lead: usualLead(free, from, to) };
  };
  const head: Edit[] = [
    ...place.edits,
    // A harness may have been put into this very lead; then it is there under its own id still.
    { type: 'removeLead', lead: lead.id },
    {
      type: 'addFitting',
      fitting: { id, name: `BEC for the ${fitting.name}`.slice(0, 60), part: bec.id, regulatorVolts: volts },
      part: bec,
    },
    join(place.outlet, at(input, id)),
  ];
  if (goes(output, own.port)) return [...head, join(at(output, id), own)];
  return secondRail(context, own, far, at(output, id), head, join, fitting.name);
}

/** A lead that joins power from one side and a signal from another. */
function secondRail(
  { build, locker }: Reading,
  own: FreePort,
  far: FreePort,
  regulator: FreePort,
  head: Edit[],
  join: (from: FreePort, to: FreePort) => Edit,
  name: string,
): Edit[] | undefined {
  for (const part of locker) {
    if (part.kind !== 'cable' || part.form !== 'harness') continue;
    const ends = secondRailEnds(part, own.port, far.port, regulator.port);
    if (!ends) continue;
    const id = freshId(build, `${own.ref.fitting}-second-rail`);
    const at = (port: PortSpec): FreePort => ({ ref: { fitting: id, port: port.id }, port });
    return [
      ...head,
      {
        type: 'addFitting',
        fitting: { id, name: `rail of the ${name}`.slice(0, 60), part: part.id },
        part,
      },
      join(own, at(ends.socket)),
      join(at(ends.signal), far),
      join(regulator, at(ends.power)),
    ];
  }
  return undefined;
}

const hasServoOutput = (bec: BecSpec): boolean =>
  bec.ports.some((port) => port.flow === 'out' && port.use === 'servo');

function secondRailEnds(part: CableSpec, own: PortSpec, far: PortSpec, regulator: PortSpec) {
  const socket = part.ports.find((port) => port.use === 'servo' && goes(port, own) && hasPin(port, 'plus'));
  const signal = part.ports.find(
    (port) => goes(port, far) && hasPin(port, 'signal') && !hasPin(port, 'plus'),
  );
  const power = part.ports.find((port) => port !== socket && goes(port, regulator) && hasPin(port, 'plus'));
  return socket && signal && power ? { socket, signal, power } : undefined;
}

const hasPin = (port: PortSpec, name: string): boolean => port.pins.some((pin) => pin.name === name);

const goes = (port: PortSpec, other: PortSpec): boolean =>
  mating(port.connector, other.connector).result === 'mates';
