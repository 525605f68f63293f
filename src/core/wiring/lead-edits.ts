import type { BuildIndex } from '../survey/build-index';
import type { Edit } from '../plan/edits';
import type { Lead } from '../plan/lead';
import type { Patch } from '../plan/patch';
import type { PartSpec } from '../parts/part-spec';
import { insertCable } from '../put-right/insert-cable';
import { hasContacts, isOfSameForm } from '../put-right/swap-part';
import type { CheckContext } from '../findings/context';

/** Lifts a wire out of its housing, or puts it back. */
export function toggleWire(lead: Lead, at: number): Edit {
  return {
    type: 'setConductors',
    lead: lead.id,
    conductors: lead.conductors.map((conductor, n) =>
      n === at ? { ...conductor, state: conductor.state === 'whole' ? 'lifted' : 'whole' } : conductor,
    ),
  };
}

/** Turns the plug at a lead's far end round: the first contact becomes the last. */
export function turnPlug(index: BuildIndex, lead: Lead): Edit {
  const names = index.port(lead.to).pins.map((pin) => pin.name);
  const turned = (name: (typeof names)[number]) => names[names.length - 1 - names.indexOf(name)] ?? name;
  return {
    type: 'setConductors',
    lead: lead.id,
    conductors: lead.conductors.map((conductor) => ({ ...conductor, to: turned(conductor.to) })),
  };
}

/** Cables of the locker that can be put into a lead: extensions, fuses, switches, adapters. */
export function insertable(context: CheckContext, lead: Lead, locker: readonly PartSpec[]): Patch[] {
  return locker.flatMap((part): Patch[] => {
    if (part.kind !== 'cable' || part.ports.length !== 2) return [];
    const edits = insertCable(context, lead, part, part.form === 'switch' ? 'hand switch' : part.form);
    return edits ? [{ id: `insert:${lead.id}:${part.id}`, label: part.name, edits }] : [];
  });
}

/** The parts of the locker that could stand in a fitting's place, by kind. */
export function swappable(index: BuildIndex, fittingId: string, locker: readonly PartSpec[]): Patch[] {
  const { part } = index.get(fittingId);
  return locker
    .filter(
      (candidate) =>
        candidate.kind === part.kind && candidate.id !== part.id && isOfSameForm(candidate, part),
    )
    .filter((candidate) => hasContacts(index, fittingId, candidate))
    .map((candidate) => ({
      id: `swap:${fittingId}:${candidate.id}`,
      label: candidate.name,
      edits: [{ type: 'swapPart', fitting: fittingId, part: candidate }],
    }));
}
