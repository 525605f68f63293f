import { boardProblem } from '../kinds/board/board-problem';
import { componentId } from '../fitting/component-id';
import type { Build } from '../plan/build';
import { portKey } from '../plan/build-index';
import type { Lead } from '../plan/lead';
import type { PartSpec } from '../kinds/part-spec';
import type { FileProblem } from '../../base/validation/problem';

/** The first reference in a well-formed build that leads nowhere, or thing that is there twice. */
export function firstInconsistency(build: Build): FileProblem | undefined {
  return (
    duplicate(build.parts, 'build.parts') ??
    duplicate(build.fittings, 'build.fittings') ??
    duplicate(build.leads, 'build.leads') ??
    duplicate(build.functions, 'build.functions') ??
    twiceSet(build) ??
    slashed(build) ??
    strayFitting(build) ??
    crossedBoard(build) ??
    strayLead(build) ??
    strayDevice(build) ??
    strayPassage(build)
  );
}

function duplicate(list: readonly { id: string }[], path: string): FileProblem | undefined {
  const seen = new Set<string>();
  for (const [n, { id }] of list.entries()) {
    if (seen.has(id)) return { where: `${path}[${n}].id`, why: `"${id}" is there twice` };
    seen.add(id);
  }
  return undefined;
}

/** Each channel is set once. */
function twiceSet({ channels = [] }: Build): FileProblem | undefined {
  const at = channels.findIndex(
    ({ channel, transmitter }, n) =>
      channels.findIndex((each) => each.channel === channel && each.transmitter === transmitter) < n,
  );
  return at < 0
    ? undefined
    : { where: `build.channels[${at}].channel`, why: `${channels[at]?.channel} is set twice` };
}

function strayFitting({ fittings, parts }: Build): FileProblem | undefined {
  const known = new Set(parts.map((part) => part.id));
  const at = fittings.findIndex((fitting) => !known.has(fitting.part));
  return at < 0
    ? undefined
    : { where: `build.fittings[${at}].part`, why: `no part "${fittings[at]?.part}" in build.parts` };
}

/** Ids of components are made of a fitting’s and their own with a slash between. */
function slashed({ fittings }: Build): FileProblem | undefined {
  const at = fittings.findIndex(({ id }) => id.includes('/'));
  return at < 0 ? undefined : { where: `build.fittings[${at}].id`, why: 'must not hold a slash' };
}

function crossedBoard({ parts }: Build): FileProblem | undefined {
  for (const [n, part] of parts.entries()) {
    const why = boardProblem(part);
    if (why) return { where: `build.parts[${n}]`, why };
  }
  return undefined;
}

/** Passages lead between berths that are there. */
function strayPassage({ inside }: Build): FileProblem | undefined {
  if (!inside) return undefined;
  const { berths, passages = [], obstacles = [], points = [] } = inside;
  const twice =
    duplicate(berths ?? [], 'build.inside.berths') ??
    duplicate(passages, 'build.inside.passages') ??
    duplicate(obstacles, 'build.inside.obstacles') ??
    duplicate(points, 'build.inside.points');
  if (twice) return twice;
  // Without berths of its own it has those of its form, which passages of its own may join.
  if (!berths) return undefined;
  const known = new Set(berths.map(({ id }) => id));
  for (const [n, passage] of passages.entries())
    for (const end of ['from', 'to'] as const)
      if (!known.has(passage[end]))
        return {
          where: `build.inside.passages[${n}].${end}`,
          why: `no berth "${passage[end]}" in build.inside.berths`,
        };
  return undefined;
}

function strayDevice({ functions, fittings, parts }: Build): FileProblem | undefined {
  const boards = new Map(parts.flatMap((part) => (part.kind === 'board' ? [[part.id, part]] : [])));
  const known = new Set(
    fittings.flatMap(({ id, part }) => [
      id,
      ...(boards.get(part)?.components.map((component) => componentId(id, component.id)) ?? []),
    ]),
  );
  for (const [n, modelFunction] of functions.entries()) {
    const at = modelFunction.devices.findIndex((device) => !known.has(device));
    if (at >= 0)
      return {
        where: `build.functions[${n}].devices[${at}]`,
        why: `no fitting "${modelFunction.devices[at]}" in build.fittings`,
      };
  }
  return undefined;
}

function strayLead({ leads, fittings, parts }: Build): FileProblem | undefined {
  const sheets = new Map(parts.map((part) => [part.id, part]));
  const fitted = new Map<string, PartSpec | undefined>(
    fittings.map((fitting) => [fitting.id, sheets.get(fitting.part)]),
  );
  const taken = new Map<string, string>();
  for (const [n, lead] of leads.entries()) {
    for (const end of ['from', 'to'] as const) {
      const problem = strayEnd(lead, end, `build.leads[${n}]`, fitted, taken);
      if (problem) return problem;
    }
  }
  return undefined;
}

function strayEnd(
  lead: Lead,
  end: 'from' | 'to',
  path: string,
  fitted: ReadonlyMap<string, PartSpec | undefined>,
  taken: Map<string, string>,
): FileProblem | undefined {
  const ref = lead[end];
  const port = fitted.get(ref.fitting)?.ports.find((plug) => plug.id === ref.port);
  if (!fitted.has(ref.fitting))
    return { where: `${path}.${end}.fitting`, why: `no fitting "${ref.fitting}"` };
  if (!port) return { where: `${path}.${end}.port`, why: `"${ref.fitting}" has no port "${ref.port}"` };
  const other = taken.get(portKey(ref));
  if (other) return { where: `${path}.${end}`, why: `lead "${other}" is in that port already` };
  taken.set(portKey(ref), lead.id);
  const at = lead.conductors.findIndex((conductor) => !port.pins.some((pin) => pin.name === conductor[end]));
  if (at < 0) return undefined;
  return {
    where: `${path}.conductors[${at}].${end}`,
    why: `port "${ref.port}" of "${ref.fitting}" has no contact "${lead.conductors[at]?.[end]}"`,
  };
}
