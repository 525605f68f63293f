import { isObject } from '../../core/base/validation/is-object';
import { isLaidOut, type ElkGraph } from '../../core/desk/loom/elk-graph';
import { place } from './shipped-picture';

/** What the picture looked like that was laid out last, with what was asked for; nothing where it cannot be read. */
function kept(): unknown {
  try {
    return JSON.parse(localStorage.getItem(place) ?? 'null');
  } catch {
    return undefined;
  }
}

/** Positions of the very picture that was laid out last, so that a build that is opened again is seen at once. */
export function keptPositions(graph: ElkGraph): ElkGraph | undefined {
  const last = kept();
  if (!isObject(last) || last.asked !== JSON.stringify(graph)) return undefined;
  return isLaidOut(graph, last.positions) ? last.positions : undefined;
}

/** Keeps the positions of a picture for the next time. A full store is no matter: it is laid out again then. */
export function keepPositions(graph: ElkGraph, positions: ElkGraph): void {
  try {
    localStorage.setItem(place, JSON.stringify({ asked: JSON.stringify(graph), positions }));
  } catch {
    localStorage.removeItem(place);
  }
}
