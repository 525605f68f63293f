import type { Build } from '../plan/build';
import { carrierId } from '../fitting/component-id';
import { mostIdLength } from '../plan/fresh-id';
import type { PortRef } from '../plan/lead';
import { isSame } from './merge-values';

type Named = { id: string };

/**
 * My build with other ids for what I added under an id that the other window gave to something of its own: both
 * windows count alike, so that two new servos are both `servo-2`.
 */
export function renameAdded(base: Build, mine: Build, theirs: Build): Build {
  const fittings = newNames(base.fittings, mine.fittings, theirs.fittings);
  const leads = newNames(base.leads, mine.leads, theirs.leads);
  const functions = newNames(base.functions, mine.functions, theirs.functions);
  if (fittings.size + leads.size + functions.size === 0) return mine;
  const at = (ref: PortRef): PortRef => ({ ...ref, fitting: fittings.get(ref.fitting) ?? ref.fitting });
  const called = <T extends Named>(item: T, names: ReadonlyMap<string, string>): T =>
    names.has(item.id) ? { ...item, id: names.get(item.id)! } : item;
  const device = (id: string): string => {
    // A component of a board goes by its board.
    const carrier = carrierId(id);
    return `${fittings.get(carrier) ?? carrier}${id.slice(carrier.length)}`;
  };
  return {
    ...mine,
    fittings: mine.fittings.map((fitting) => ({
      ...called(fitting, fittings),
      ...(fitting.boundTo !== undefined && { boundTo: device(fitting.boundTo) }),
    })),
    leads: mine.leads.map((lead) => ({ ...called(lead, leads), from: at(lead.from), to: at(lead.to) })),
    functions: mine.functions.map((modelFunction) => ({
      ...called(modelFunction, functions),
      ...(modelFunction.transmitter !== undefined && { transmitter: device(modelFunction.transmitter) }),
      devices: modelFunction.devices.map(device),
    })),
    ...(mine.pictureOrder && { pictureOrder: mine.pictureOrder.map(device) }),
    ...(mine.channels && {
      channels: mine.channels.map(({ mix, ...setting }) => ({
        ...setting,
        ...(setting.transmitter !== undefined && { transmitter: device(setting.transmitter) }),
        ...(mix && {
          mix: mix.map((input) => ({ ...input, function: functions.get(input.function) ?? input.function })),
        }),
      })),
    }),
  };
}

function newNames(
  base: readonly Named[],
  mine: readonly Named[],
  theirs: readonly Named[],
): Map<string, string> {
  const known = new Set(base.map((named) => named.id));
  const others = new Map(theirs.map((named) => [named.id, named]));
  const taken = new Set([...mine, ...theirs, ...base].map((named) => named.id));
  const names = new Map<string, string>();
  for (const named of mine) {
    const other = others.get(named.id);
    if (known.has(named.id) || !other || isSame(named, other)) continue;
    const name = freeName(named.id, taken);
    taken.add(name);
    names.set(named.id, name);
  }
  return names;
}

function freeName(id: string, taken: ReadonlySet<string>): string {
  const short = id.slice(0, mostIdLength - 8);
  for (let n = 2; ; n += 1) if (!taken.has(`${short}~${n}`)) return `${short}~${n}`;
}
