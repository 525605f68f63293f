import { connectorFamily, connectorFamilyIds, type ConnectorFamilyId } from '../../model/connectors/families';
import { kindOfAny } from '../../model/kinds';
import { protections } from '../../model/parts/part-base';
import type { PartSpec } from '../../model/kinds/part-spec';
import { plainOptions, sheetChoice, type SheetChoice, type SheetSet } from '../../model/kinds/sheet-choice';

/** What a part's sheet may have several of. */
export const sheetSets = (part: PartSpec): SheetSet[] => kindOfAny(part).sets?.(part) ?? [];

/** The choices of what a part does: those of its kind alone. */
export const kindChoices = (part: PartSpec): SheetChoice[] => kindOfAny(part).choices(part);

/** The choices on a part's sheet: cells and chemistry, kinds, BEC volts, protection, and the plug of each port. */
export function sheetChoices(part: PartSpec): SheetChoice[] {
  const changed = (change: object): PartSpec => ({ ...part, ...change });
  return [...kindChoices(part), ...protectionChoice(part, changed), ...plugChoices(part, changed)];
}

function protectionChoice(part: PartSpec, changed: (change: object) => PartSpec): SheetChoice[] {
  if (part.kind === 'cable' || part.kind === 'transmitter' || part.kind === 'pack') return [];
  const options = [{ value: '', text: 'unknown' }, ...plainOptions(protections)];
  return [
    sheetChoice('protection', 'Against water', part.protection ?? '', options, (value) =>
      value === '' ? withoutProtection(part) : changed({ protection: value }),
    ),
  ];
}

function withoutProtection(part: PartSpec): PartSpec {
  const { protection, ...rest } = part;
  return rest;
}

const plugPrefix = 'plug:';

/** Whether a choice of a sheet is the one of a plug; its values are families. */
export const isPlugChoice = (choiceId: string): boolean => choiceId.startsWith(plugPrefix);

/** Plugs with as many contacts as the port has, or more; a receiver's rows of pins are what they are. */
function plugChoices(part: PartSpec, changed: (change: object) => PartSpec): SheetChoice[] {
  if (part.kind === 'receiver') return [];
  return part.ports
    .filter((port) => port.connector.family !== 'open')
    .map((port) => {
      const fits = connectorFamilyIds.filter((id) => {
        const { poles, form } = connectorFamily(id);
        return (
          form !== 'open' && poles >= Math.min(port.pins.length, connectorFamily(port.connector.family).poles)
        );
      });
      const options = fits.map((id) => ({ value: id, text: connectorFamily(id).name }));
      const { isAssumed, ...known } = port.connector;
      const unknown = isAssumed ? [{ value: '', text: 'unknown' }] : [];
      return sheetChoice(
        `${plugPrefix}${port.id}`,
        `Plug, ${port.name}`,
        isAssumed ? '' : known.family,
        [...unknown, ...options],
        (value) => {
          const connector = value === '' ? port.connector : { ...known, family: value as ConnectorFamilyId };
          return changed({
            ports: part.ports.map((plug) => (plug === port ? { ...port, connector } : plug)),
          });
        },
      );
    });
}
