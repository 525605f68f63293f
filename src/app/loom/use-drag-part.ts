import { drag, type D3DragEvent } from 'd3-drag';
import { select } from 'd3-selection';
import { useEffect, useRef, useState } from 'react';

/** A part that is being moved up or down, and by how much, in the picture's own pixels. */
export interface MovedPart {
  id: string;
  by: number;
}

type Drag = D3DragEvent<SVGGElement, unknown, unknown>;

/** The part that a press begins on, where it may be moved. */
const movablePart = ({ target }: Event): string | undefined =>
  (target instanceof Element && target.closest<SVGElement>('[data-movable]')?.dataset.movable) || undefined;

/** Lets the part that is chosen be dragged up and down its column. @param onDrop where it was let go, and how far */
export function useDragPart(
  svg: SVGSVGElement | null,
  onDrop: (id: string, by: number) => void,
): MovedPart | undefined {
  const [moved, setMoved] = useState<MovedPart>();
  const drop = useRef(onDrop);
  useEffect(() => {
    drop.current = onDrop;
  });
  useEffect(() => {
    // Not on the picture itself: that one joins ports, and pans.
    const group = svg?.querySelector<SVGGElement>('[data-zoom]');
    if (!group) return undefined;
    let held: { id: string; from: number } | undefined;
    let now: MovedPart | undefined;
    const show = (next: MovedPart | undefined) => {
      now = next;
      setMoved(next);
    };
    const behaviour = drag<SVGGElement, unknown>()
      .filter((event: MouseEvent) => !event.ctrlKey && !event.button && movablePart(event) !== undefined)
      // In the picture's own pixels, however much it is magnified.
      .container(() => group)
      .clickDistance(6)
      .subject((event: Drag) => ({ x: event.x, y: event.y }))
      .on('start', (event: Drag) => {
        const id = movablePart(event.sourceEvent as Event);
        held = id === undefined ? undefined : { id, from: event.y };
      })
      .on('drag', (event: Drag) => held && show({ id: held.id, by: event.y - held.from }))
      .on('end', () => {
        if (now) drop.current(now.id, now.by);
        show(undefined);
        held = undefined;
      });
    const selection = select(group).call(behaviour);
    return () => {
      selection.on('.drag', null);
    };
  }, [svg]);
  return moved;
}
