import { carrierId } from '../../model/fitting/component-id';
import type { Fitting } from '../../model/fitting/fitting';
import { BuildIndex, portKey } from '../../model/plan/build-index';
import type { Build } from '../../model/plan/build';
import { isJoined, type Lead } from '../../model/plan/lead';
import type { Edit } from '../../model/plan/edits';
import type { Patch } from '../../model/plan/patch';
import { starterLocker } from '../../model/starter/starter-locker';
import { unlikeness } from '../../model/parts/unlikeness';
import { goesTogether, mating } from '../../model/connectors/mating';
import { kindOfAny } from '../../model/kinds';
import type { PartKind, PartOfKind, PartSpec } from '../../model/kinds/part-spec';
import type { Reading } from '../../reading/build-reading/reading';

const starterIds: ReadonlySet<string> = new Set(starterLocker.map(({ id }) => id));

/**
 * Parts from the locker of the same kind that suit, and that take the same leads on the same ports.
 * At most `most`, those most like it first; and of the person's own sheets as many, however unlike.
 */
export function offerSwaps<K extends PartKind>(
  context: Reading,
  { fitting, part }: { kind: K; fitting: Fitting; part: PartSpec },
  suits: (candidate: PartOfKind<K>) => boolean,
  most = 6,
): Patch[] {
  // What sits on a board is not swapped by itself.
  if (carrierId(fitting.id) !== fitting.id) return [];
  const ranked = context.locker
    .filter(
      (candidate): candidate is PartOfKind<K> => candidate.kind === part.kind && candidate.id !== part.id,
    )
    .filter(
      (candidate) =>
        isOfSameForm(candidate, part) && suits(candidate) && takesSameLeads(context, fitting.id, candidate),
    )
    .map((candidate) => ({ candidate, unlike: unlikeness(part, candidate) }))
    .sort((a, b) => a.unlike - b.unlike)
    .map(({ candidate }) => candidate);
  const own = ranked.filter(({ id }) => !starterIds.has(id));
  return [...new Set([...ranked.slice(0, most), ...own.slice(0, most)])].map((candidate) => {
    const lift = liftOfSecondRed(context, fitting, part, candidate);
    return {
      id: `swap:${fitting.id}:${candidate.id}`,
      label: `Swap the ${fitting.name} for: ${candidate.name}${lift.length > 0 ? ', its red wire lifted' : ''}`,
      edits: [{ type: 'swapPart', fitting: fitting.id, part: candidate }, ...lift],
    };
  });
}

/** The edit that keeps a controller with a BEC from feeding a rail that is fed, where the one before had none. */
function liftOfSecondRed(
  { survey, index }: Reading,
  { id }: Fitting,
  part: PartSpec,
  candidate: PartSpec,
): Edit[] {
  if (part.kind !== 'controller' || candidate.kind !== 'controller') return [];
  const isFed = survey.rails.some((rail) => rail.isRadio && rail.sources.length > 0);
  const lead = index.leadAt({ fitting: id, port: 'lead' });
  if (part.regulator || !candidate.regulator || !isFed || !lead) return [];
  const end = lead.from.fitting === id ? 'from' : 'to';
  return [
    {
      type: 'setConductors',
      lead: lead.id,
      conductors: lead.conductors.map((conductor) =>
        conductor[end] === 'plus' && isJoined(conductor)
          ? { ...conductor, state: 'lifted' as const }
          : conductor,
      ),
    },
  ];
}

/** Whether a part of the same kind can do another's work at all: a pump is not put right by a lamp. */
export const isOfSameForm = (part: PartSpec, other: PartSpec): boolean =>
  part.kind === other.kind && (kindOfAny(other).replaces?.(part, other) ?? true);

/** Whether a part has the ports and contacts that the leads of a fitting end on: they are kept by name. */
export const hasContacts = (index: BuildIndex, fittingId: string, candidate: PartSpec): boolean =>
  index.leadsOf(fittingId).every((lead) => takesLead(lead, fittingId, candidate));

const takesLead = (lead: Lead, fittingId: string, candidate: PartSpec): boolean =>
  (['from', 'to'] as const).every((end) => {
    if (lead[end].fitting !== fittingId) return true;
    const port = candidate.ports.find((plug) => plug.id === lead[end].port);
    return lead.conductors.every((conductor) => port?.pins.some((pin) => pin.name === conductor[end]));
  });

/** Takes off the leads of a fitting that another part, or another sheet of it, has no contacts for. */
const unplugged = (index: BuildIndex, fittingId: string, candidate: PartSpec): Edit[] =>
  index
    .leadsOf(fittingId)
    .filter((lead) => !takesLead(lead, fittingId, candidate))
    .map((lead) => ({ type: 'removeLead', lead: lead.id }));

/** The edits that put another part in the place of some fittings, whatever it is: leads that it has no contacts for come off. */
export function exchange(build: Build, fittings: readonly string[], part: PartSpec): Edit[] {
  const index = new BuildIndex(build);
  const off = fittings.flatMap((fitting) => unplugged(index, fitting, part));
  return [...eachOnce(off), ...fittings.map((fitting): Edit => ({ type: 'swapPart', fitting, part }))];
}

/** The edits that give all fittings of a part its corrected sheet; leads that it has no contacts for come off. */
export function correctSheet(build: Build, sheet: PartSpec): Edit[] {
  const index = new BuildIndex(build);
  const off = build.fittings
    .filter(({ part }) => part === sheet.id)
    .flatMap(({ id }) => unplugged(index, id, sheet));
  return [...eachOnce(off), { type: 'changeSheet', sheet }];
}

/** A lead between two of the fittings comes off once. */
const eachOnce = (edits: readonly Edit[]): Edit[] => [
  ...new Map(edits.map((edit) => [JSON.stringify(edit), edit])).values(),
];

/** Whether a part takes the leads of a fitting on the same ports, with plugs that go as well as they go now. */
export function takesSameLeads({ build, index }: Reading, fittingId: string, candidate: PartSpec): boolean {
  if (!hasContacts(index, fittingId, candidate)) return false;
  return build.leads.every((lead) => {
    for (const [here, there] of [
      [lead.from, lead.to],
      [lead.to, lead.from],
    ] as const) {
      if (here.fitting !== fittingId) continue;
      const port = candidate.ports.find((plug) => plug.id === here.port);
      if (!port) return false;
      const other = index.port(there).connector;
      const isAsGood =
        mating(port.connector, other).result === mating(index.port(here).connector, other).result;
      if (portKey(here) !== portKey(there) && !isAsGood && !goesTogether(port.connector, other)) return false;
    }
    return true;
  });
}
