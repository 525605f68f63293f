import type { KeyboardEvent } from 'react';
import { toMillimetre } from '../../core/reading/berths/inside-sizes';
import type { Layout } from '../../core/reading/berths/layout';
import { turns, type Placement } from '../../core/model/fitting/placement';

/** Metres that an arrow key moves a part, and with shift. */
const far = 0.005;
const near = 0.001;

const ways: Record<string, Partial<Record<'x' | 'y' | 'z', 1 | -1>>> = {
  ArrowRight: { x: 1 },
  ArrowLeft: { x: -1 },
  ArrowUp: { y: 1 },
  ArrowDown: { y: -1 },
  PageUp: { z: 1 },
  PageDown: { z: -1 },
};

/** The next of the four ways round. */
export const turned = (place: Placement): Placement => ({
  ...place,
  turn: turns[(turns.indexOf(place.turn) + 1) % turns.length]!,
});

/** Keys on a part: arrows move it, page up and down raise and lower it, R turns it. */
export function usePartKeys(layout: Layout, onPut: (fitting: string, place: Placement) => void) {
  return (event: KeyboardEvent<SVGSVGElement>) => {
    const id = (event.target as Element).closest<SVGElement>('[data-part]')?.dataset.part;
    const place = id === undefined ? undefined : layout.laidAt(id)?.place;
    if (id === undefined || !place || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key.toLowerCase() === 'r') {
      event.preventDefault();
      onPut(id, turned(place));
      return;
    }
    const way = ways[event.key];
    if (!way) return;
    event.preventDefault();
    const step = event.shiftKey ? near : far;
    onPut(id, {
      ...place,
      x: toMillimetre(place.x + (way.x ?? 0) * step),
      y: toMillimetre(place.y + (way.y ?? 0) * step),
      z: toMillimetre(place.z + (way.z ?? 0) * step),
    });
  };
}
