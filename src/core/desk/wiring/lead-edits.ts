import type { BuildIndex } from '../../model/plan/build-index';
import type { Edit } from '../../model/plan/edits';
import { connectorFamily, connectorFamilyIds, type ConnectorFamilyId } from '../../model/connectors/families';
import { isJoined, joinedAgain, type Lead, type PortRef, type WireColour } from '../../model/plan/lead';
import { fitPlug } from '../../judgement/put-right/re-terminate';
import type { Patch } from '../../model/plan/patch';
import type { PartSpec } from '../../model/kinds/part-spec';
import { carrierId } from '../../model/fitting/component-id';
import { insertCable } from '../../judgement/put-right/insert-cable';
import { hasContacts, isOfSameForm } from '../../judgement/put-right/swap-part';
import type { Reading } from '../../reading/build-reading/reading';

/** Lifts a wire out of its housing, puts it back, or solders it together where it was cut. */
export function toggleWire(lead: Lead, at: number): Edit {
  return {
    type: 'setConductors',
    lead: lead.id,
    conductors: lead.conductors.map((conductor, n) =>
      n !== at ? conductor : isJoined(conductor) ? { ...conductor, state: 'lifted' } : joinedAgain(conductor),
    ),
  };
}

/** Cuts that can be made in a lead: one of its wires, or all that are left. */
export function cuts(lead: Lead): { words: string; edit: Edit }[] {
  const left = lead.conductors.filter(({ state }) => state !== 'cut');
  const cut = (gone: readonly Lead['conductors'][number][]): Edit => ({
    type: 'setConductors',
    lead: lead.id,
    conductors: lead.conductors.map((each) => (gone.includes(each) ? { ...each, state: 'cut' } : each)),
  });
  const single = left.map((each) => ({ words: `the ${each.colour} wire`, edit: cut([each]) }));
  return left.length > 1 ? [...single, { words: 'the whole lead', edit: cut(left) }] : single;
}

/** Colours that makers give the wires of a servo lead: signal, plus, minus. */
const servoColours: readonly [WireColour, WireColour, WireColour][] = [
  ['white', 'red', 'black'],
  ['yellow', 'red', 'black'],
  ['orange', 'red', 'brown'],
  ['yellow', 'red', 'brown'],
  ['blue', 'red', 'black'],
];

/** Colour sets that a lead's wires may have, each with the edit that says so; as they are drawn comes first. */
export function colourSets(lead: Lead): { words: string; edit: Edit }[] {
  const told = (conductors: Lead['conductors']) => ({
    words: conductors.map(({ colour }) => colour).join(', '),
    edit: { type: 'setColours', lead: lead.id, conductors } as const,
  });
  const places = ['signal', 'plus', 'minus'];
  const sets = lead.conductors.some(({ from }) => from === 'signal')
    ? servoColours.map((set) =>
        told(
          lead.conductors.map((conductor) => ({
            ...conductor,
            colour: set[places.indexOf(conductor.from)] ?? conductor.colour,
          })),
        ),
      )
    : [];
  return [...new Map([told(lead.conductors), ...sets].map((each) => [each.words, each])).values()];
}

/** Plugs that could be fitted to one end of a lead, each with the edit that does so. */
export function otherPlugs(index: BuildIndex, ref: PortRef): { family: ConnectorFamilyId; edit: Edit }[] {
  const port = index.port(ref);
  const { connector } = port;
  if (index.get(ref.fitting).kind === 'receiver') return [];
  return connectorFamilyIds
    .filter((family) => {
      const { poles, form } = connectorFamily(family);
      return (
        form !== 'open' &&
        poles === Math.max(port.pins.length, poles === 1 ? 1 : 2) &&
        family !== connector.family
      );
    })
    .map((family) => ({
      family,
      edit: fitPlug(index, ref, { family, gender: connector.gender === 'none' ? 'plug' : connector.gender }),
    }));
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
export function insertable(context: Reading, lead: Lead, locker: readonly PartSpec[]): Patch[] {
  return locker.flatMap((part): Patch[] => {
    if (part.kind !== 'cable' || part.ports.length !== 2) return [];
    const edits = insertCable(context, lead, part, part.form === 'switch' ? 'hand switch' : part.form);
    return edits ? [{ id: `insert:${lead.id}:${part.id}`, label: part.name, edits }] : [];
  });
}

/** The parts of the locker that could stand in a fitting's place, by kind. */
export function swappable(index: BuildIndex, fittingId: string, locker: readonly PartSpec[]): Patch[] {
  const { part } = index.get(fittingId);
  // What sits on a board is not swapped by itself.
  if (carrierId(fittingId) !== fittingId) return [];
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
