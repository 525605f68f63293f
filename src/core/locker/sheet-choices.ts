import { connectorFamilyIds, connectorFamily, type ConnectorFamilyId } from '../connectors/families';
import { chemistries } from '../packs/chemistry';
import { motorKinds } from '../parts/motor';
import { protections } from '../parts/part-base';
import type { PartSpec } from '../parts/part-spec';
import { withChannels } from './sheet-rows';

/** Something on a sheet that is chosen, not measured. */
export interface SheetChoice {
  id: string;
  label: string;
  value: string;
  options: { value: string; text: string }[];
  /** A copy of the part with another choice. */
  choose: (value: string) => PartSpec;
}

const plain = (values: readonly string[]) => values.map((value) => ({ value, text: value }));
const numbers = (from: number, to: number) =>
  plain(Array.from({ length: to - from + 1 }, (_, n) => String(from + n)));

/** Usual sets of output volts of a regulator. */
const voltsSets = ['5', '6', '5, 6', '5, 6, 7.4', '5, 6, 7.4, 8.4', '7.4', '12'];

/** The choices on a part's sheet: cells and chemistry, kinds, BEC volts, protection, and the plug of each port. */
export function sheetChoices(part: PartSpec): SheetChoice[] {
  const changed = (change: object): PartSpec => ({ ...part, ...change });
  return [...kindChoices(part, changed), ...protectionChoice(part, changed), ...plugChoices(part, changed)];
}

type Changed = (change: object) => PartSpec;

function kindChoices(part: PartSpec, changed: Changed): SheetChoice[] {
  switch (part.kind) {
    case 'pack':
      return [
        choice('cells', 'Cells in series', String(part.cells), numbers(1, 14), (value) =>
          changed({ cells: Number(value) }),
        ),
        choice('chemistry', 'Chemistry', part.chemistry, plain(chemistries), (value) =>
          changed({ chemistry: value }),
        ),
      ];
    case 'controller':
    case 'bec': {
      const { regulator } = part;
      if (!regulator) return [];
      const now = regulator.voltsChoices.join(', ');
      const options = plain(voltsSets.includes(now) ? voltsSets : [now, ...voltsSets]);
      return [
        choice('volts', 'BEC volts', now, options, (value) =>
          changed({ regulator: { ...regulator, voltsChoices: value.split(', ').map(Number) } }),
        ),
      ];
    }
    case 'motor':
      return [
        choice('motorKind', 'Kind', part.motorKind, plain(motorKinds), (value) =>
          changed({ motorKind: value }),
        ),
      ];
    case 'servo':
      return [
        choice('wires', 'Wires', String(part.wires ?? 3), plain(['3', '5']), (value) =>
          changed({ wires: Number(value) }),
        ),
      ];
    case 'receiver':
      return [
        choice('channels', 'Channels', String(part.channels), numbers(1, 18), (value) =>
          withChannels(part, Number(value)),
        ),
        choice(
          'throttle',
          'Throttle on channel',
          String(part.throttleChannel),
          numbers(1, part.channels),
          (value) => changed({ throttleChannel: Number(value) }),
        ),
      ];
    case 'transmitter':
      return [
        choice('channels', 'Channels', String(part.channels), numbers(1, 18), (value) =>
          changed({ channels: Number(value) }),
        ),
        choice(
          'endPoints',
          'End points on the first',
          String(part.endPointChannels ?? 0),
          numbers(0, Math.max(part.channels, part.endPointChannels ?? 0)),
          (value) => changed({ endPointChannels: Number(value) }),
        ),
      ];
    case 'load':
    case 'electronicSwitch':
    case 'cable':
      return [];
  }
}

function protectionChoice(part: PartSpec, changed: Changed): SheetChoice[] {
  if (part.kind === 'cable' || part.kind === 'transmitter' || part.kind === 'pack') return [];
  const options = [{ value: '', text: 'unknown' }, ...plain(protections)];
  return [
    choice('protection', 'Against water', part.protection ?? '', options, (value) =>
      value === '' ? withoutProtection(part) : changed({ protection: value }),
    ),
  ];
}

function withoutProtection(part: PartSpec): PartSpec {
  const { protection, ...rest } = part;
  return rest;
}

/** Plugs with as many contacts as the port has, or more; a receiver's rows of pins are what they are. */
function plugChoices(part: PartSpec, changed: Changed): SheetChoice[] {
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
      return choice(`plug:${port.id}`, `Plug, ${port.name}`, port.connector.family, options, (value) => {
        const connector = { ...port.connector, family: value as ConnectorFamilyId };
        return changed({ ports: part.ports.map((one) => (one === port ? { ...port, connector } : one)) });
      });
    });
}

function choice(
  id: string,
  label: string,
  value: string,
  options: SheetChoice['options'],
  choose: SheetChoice['choose'],
): SheetChoice {
  return { id, label, value, options, choose };
}
