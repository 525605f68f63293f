import { readingOf } from '../../reading/build-reading/reading';
import { throttleChannel } from '../../judgement/rules/throttle-channel';
import { carrierId } from '../../model/fitting/component-id';
import { Survey } from '../../reading/survey/survey';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { Build } from '../../model/plan/build';
import { applyEdits, type Edit } from '../../model/plan/edits';
import { goesTogether } from '../../model/connectors/mating';
import { BuildIndex } from '../../model/plan/build-index';
import { proposeWiring } from '../wiring/propose-wiring';
import type { Candidate, Role } from './role';
import { railRole } from './screens/rail';

/** A build with a choice put in and wired, and the edits that made it. */
export interface FittedCombination {
  build: Build;
  edits: Edit[];
  /** What could not be wired, and why. */
  unsolved: readonly string[];
}

/**
 * Puts a combination into a build: leads that still go stay, others are taken off with the adapters that hung on them,
 * and what is left open is wired.
 * @param locker where adapters and the like come from
 * @param isAnew takes all leads off first, whoever laid them
 */
export function fitCombination(
  build: Build,
  roles: readonly Role[],
  parts: readonly Candidate[],
  locker: readonly PartSpec[],
  isAnew: boolean,
): FittedCombination {
  const index = new BuildIndex(build);
  const edits: Edit[] = [];
  const gone = new Set<string>();
  const source = railRole(new Survey(build), roles);
  const changed = new Map<string, PartSpec>();
  for (const [n, { fittings, isOpen }] of roles.entries())
    for (const id of fittings)
      if (isOpen && index.get(id).part.id !== parts[n]!.part.id) changed.set(id, parts[n]!.part);
  for (const lead of build.leads) {
    const ends = [lead.from, lead.to];
    if (isAnew) gone.add(lead.id);
    if (!ends.some(({ fitting }) => changed.has(fitting))) continue;
    const [here, there] = ends.map(({ fitting, port }) =>
      (changed.get(fitting) ?? index.get(fitting).part).ports.find(({ id }) => id === port),
    );
    const stays =
      here !== undefined &&
      there !== undefined &&
      goesTogether(here.connector, there.connector) &&
      lead.conductors.every(
        (conductor) =>
          here.pins.some(({ name }) => name === conductor.from) &&
          there.pins.some(({ name }) => name === conductor.to),
      );
    if (!stays) gone.add(lead.id);
  }
  // A cable with an end in the air goes with all its leads: the wiring puts in what is wanted.
  let more = true;
  const dropped = new Set<string>();
  while (more) {
    more = false;
    for (const { fitting, part } of index.ofKind('cable')) {
      const leads = index.leadsOf(fitting.id);
      const isShort = part.ports.length === 2 && leads.some(({ id }) => gone.has(id));
      const isLoose = leads.every(({ id }) => gone.has(id));
      if (dropped.has(fitting.id) || !(isShort || isLoose)) continue;
      dropped.add(fitting.id);
      for (const { id } of leads) gone.add(id);
      more = true;
    }
  }
  for (const id of gone) edits.push({ type: 'removeLead', lead: id });
  for (const id of dropped) edits.push({ type: 'removeFitting', fitting: id });
  for (const [fitting, part] of changed) edits.push({ type: 'swapPart', fitting, part });
  if (source !== undefined && parts[source]!.railVolts !== undefined)
    // What sits on a board keeps what it is set to.
    for (const fitting of roles[source]!.fittings.filter((id) => carrierId(id) === id))
      edits.push({ type: 'setRegulatorVolts', fitting, volts: parts[source]!.railVolts });
  edits.push(...sharedLink(index, changed));
  edits.push(...throttleOnItsChannel(applyEdits(build, edits)));
  edits.push(...offOldPorts(build, applyEdits(build, edits)));
  const put = applyEdits(build, edits);
  const wired = proposeWiring(put, locker, new Set());
  return {
    build: wired.build,
    edits: [...edits, ...wired.proposals.flatMap((proposal) => proposal.edits)],
    unsolved: wired.unsolved,
  };
}

/** The edits that plan the throttle on the channel that a receiver keeps for it. */
const throttleOnItsChannel = (build: Build): Edit[] =>
  throttleChannel
    .check(readingOf(build, []))
    .flatMap((said) => ('messageId' in said ? (said.offers?.()[0]?.edits ?? []) : []));

/** The edits that unplug from a receiver what works a function which has another channel now. */
function offOldPorts(before: Build, now: Build): Edit[] {
  const moved = new Set(
    now.functions
      .filter(({ id, channel }) => before.functions.find((was) => was.id === id)?.channel !== channel)
      .flatMap(({ devices }) => devices),
  );
  const index = new BuildIndex(now);
  return now.leads
    .filter(({ from, to }) =>
      [
        [from, to],
        [to, from],
      ].some(
        ([own, other]) => moved.has(carrierId(own!.fitting)) && index.get(other!.fitting).kind === 'receiver',
      ),
    )
    .map(({ id }): Edit => ({ type: 'removeLead', lead: id }));
}

/** The edit that sets the transmitter to a link that the receiver speaks, where it is set to none. */
function sharedLink(index: BuildIndex, changed: ReadonlyMap<string, PartSpec>): Edit[] {
  const partOf = (id: string): PartSpec => changed.get(id) ?? index.get(id).part;
  const [receiver] = index.ofKind('receiver');
  if (!receiver) return [];
  const spoken = partOf(receiver.fitting.id);
  return index.ofKind('transmitter').flatMap(({ fitting }): Edit[] => {
    const part = partOf(fitting.id);
    if (part.kind !== 'transmitter' || spoken.kind !== 'receiver') return [];
    const shared = part.protocols.filter((link) => spoken.protocols.includes(link));
    const isSet = fitting.protocol !== undefined && shared.includes(fitting.protocol);
    return isSet || shared.length === 0
      ? []
      : [{ type: 'setProtocol', fitting: fitting.id, protocol: shared[0]! }];
  });
}
