import type { Build } from '../plan/build';
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
  const called = <T extends Named>(one: T, names: ReadonlyMap<string, string>): T =>
    names.has(one.id) ? { ...one, id: names.get(one.id)! } : one;
  return {
    ...mine,
    fittings: mine.fittings.map((one) => called(one, fittings)),
    leads: mine.leads.map((one) => ({ ...called(one, leads), from: at(one.from), to: at(one.to) })),
    functions: mine.functions.map((one) => ({
      ...called(one, functions),
      devices: one.devices.map((id) => fittings.get(id) ?? id),
    })),
  };
}

function newNames(
  base: readonly Named[],
  mine: readonly Named[],
  theirs: readonly Named[],
): Map<string, string> {
  const known = new Set(base.map((one) => one.id));
  const others = new Map(theirs.map((one) => [one.id, one]));
  const taken = new Set([...mine, ...theirs, ...base].map((one) => one.id));
  const names = new Map<string, string>();
  for (const one of mine) {
    const other = others.get(one.id);
    if (known.has(one.id) || !other || isSame(one, other)) continue;
    const name = freeName(one.id, taken);
    taken.add(name);
    names.set(one.id, name);
  }
  return names;
}

function freeName(id: string, taken: ReadonlySet<string>): string {
  const short = id.slice(0, mostIdLength - 8);
  for (let n = 2; ; n += 1) if (!taken.has(`${short}~${n}`)) return `${short}~${n}`;
}
