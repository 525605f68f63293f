import type { CableSpec } from '../../model/kinds/cable/cable';
import { mostIdLength } from '../../model/plan/fresh-id';
import type { BuildIndex } from '../../model/plan/build-index';
import type { Fitted } from '../../model/kinds/fitted';
import { isJoined, type Conductor, type Lead } from '../../model/plan/lead';
import type { Patch } from '../../model/plan/patch';

/** Turns the plug of a crossed lead round, so that each conductor joins like to like. */
export function offerTurnedPlug(index: BuildIndex, lead: Lead): Patch[] {
  const name = index.get(lead.from.fitting).fitting.name;
  return [
    {
      id: `turn-plug:${lead.id}`,
      label: `Turn the plug of the ${name} round at the ${index.get(lead.to.fitting).fitting.name}`,
      edits: [
        {
          type: 'setConductors',
          lead: lead.id,
          conductors: lead.conductors.map((wire) => ({ ...wire, to: wire.from })),
        },
      ],
    },
  ];
}

/** The nearest lead on the way from a fitting through cables that joins unlike contacts. */
export function crossedLeadNear(index: BuildIndex, fittingId: string): Lead | undefined {
  const seen = new Set([fittingId]);
  const queue = [fittingId];
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      if (lead.conductors.some(isCrossed)) return lead;
      for (const { fitting } of [lead.from, lead.to]) {
        if (seen.has(fitting) || index.get(fitting).kind !== 'cable') continue;
        seen.add(fitting);
        queue.push(fitting);
      }
    }
  }
  return undefined;
}

const powerPins = new Set(['signal', 'plus', 'minus']);

const isCrossed = (wire: Conductor): boolean =>
  isJoined(wire) && wire.from !== wire.to && powerPins.has(wire.from) && powerPins.has(wire.to);

/** Solders a crossed cable between a fitting and its source the right way round: contacts of one name on one net. */
export function offerStraightCable(index: BuildIndex, fittingId: string): Patch[] {
  const cable = crossedCableNear(index, fittingId);
  if (!cable) return [];
  const { fitting, part } = cable;
  const [first] = part.ports;
  const netOf = new Map(first?.pins.map((pin) => [pin.name, pin.net]));
  const straight: CableSpec = {
    ...part,
    id: `${part.id.slice(0, mostIdLength - 12)}-straight`,
    name: `${part.name.slice(0, 66)}, straight`,
    ports: part.ports.map((port) => ({
      ...port,
      pins: port.pins.map((pin) => ({ ...pin, net: netOf.get(pin.name) ?? pin.net })),
    })),
  };
  return [
    {
      id: `straighten:${fitting.id}`,
      label: `Solder the ${fitting.name} the right way round: plus to plus`,
      edits: [{ type: 'swapPart', fitting: fitting.id, part: straight }],
    },
  ];
}

/** The nearest cable on the way from a fitting that joins unlike contacts inside. */
function crossedCableNear(index: BuildIndex, fittingId: string): Fitted<'cable'> | undefined {
  const seen = new Set([fittingId]);
  const queue = [fittingId];
  for (let here = queue.shift(); here !== undefined; here = queue.shift()) {
    for (const lead of index.leadsOf(here)) {
      for (const { fitting } of [lead.from, lead.to]) {
        const next = index.get(fitting);
        if (seen.has(fitting) || next.kind !== 'cable') continue;
        if (isCrossedInside(next.part)) return next;
        seen.add(fitting);
        queue.push(fitting);
      }
    }
  }
  return undefined;
}

function isCrossedInside({ ports, form }: CableSpec): boolean {
  const [first, ...others] = ports;
  const netOf = new Map(first?.pins.map((pin) => [pin.name, pin.net]));
  const isCrossed = ({ name, net }: { name: string; net: string }) =>
    [...netOf].some(([other, known]) => other !== name && known === net);
  return form !== 'bindPlug' && others.some((port) => port.pins.some(isCrossed));
}
