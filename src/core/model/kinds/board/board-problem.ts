import type { PartSpec } from '../part-spec';

/** What does not hang together on a well-formed board, or `undefined`; other parts have no such trouble. */
export function boardProblem(part: PartSpec): string | undefined {
  if (part.kind !== 'board') return undefined;
  const rows = new Set(part.ports.map(({ id }) => id));
  const ids = new Set<string>();
  const owned = new Set<string>();
  for (const { id, rows: own, traces } of part.components) {
    if (id.includes('/')) return `component "${id}": an id must not hold a slash`;
    if (ids.has(id)) return `component "${id}" is there twice`;
    ids.add(id);
    const stray = own.find((row) => !rows.has(row));
    if (stray !== undefined) return `component "${id}": there is no row "${stray}"`;
    const shared = own.find((row) => owned.has(row));
    if (shared !== undefined) return `row "${shared}" belongs to two components`;
    for (const row of own) owned.add(row);
    const nets = new Set(traces.map((trace) => trace.own));
    if (nets.size < traces.length) return `component "${id}": a net has two traces`;
  }
  return undefined;
}
