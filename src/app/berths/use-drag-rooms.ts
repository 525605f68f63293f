import { drag, type D3DragEvent } from 'd3-drag';
import { select } from 'd3-selection';
import { useEffect, useRef, useState } from 'react';
import type { Layout } from '../../core/reading/berths/layout';
import {
  draggedEdges,
  edgesOf,
  planMarks,
  wholeBox,
  type Grip,
  type PlanEdges,
} from '../../core/reading/berths/snap';
import type { PictureScale } from './picture-scale';

/** A room that is being drawn or moved, and where it would be. */
export interface RoomDraft {
  /** Nothing while a new one is drawn. */
  id: string | undefined;
  edges: PlanEdges;
}

interface DragRooms {
  layout: Layout;
  scale: PictureScale | undefined;
  /** Whether a press beside all grips begins a new room. */
  isDrawing: boolean;
  onDrawn: (draft: RoomDraft) => void;
}

/** Pixels within which an edge is drawn to a wall. */
export const snapPixels = 7;

type Drag = D3DragEvent<SVGSVGElement, unknown, unknown>;

const gripAt = (target: EventTarget | null): { id: string; grip: Grip } | undefined => {
  const held = target instanceof Element ? target.closest<SVGElement>('[data-room]') : null;
  const id = held?.dataset.room;
  if (!held || id === undefined) return undefined;
  const corner = held.dataset.corner;
  if (corner === undefined) return { id, grip: wholeBox };
  const [isFore, isPort] = [corner.includes('fore'), corner.includes('port')];
  return { id, grip: { x: [!isFore, isFore], y: [!isPort, isPort] } };
};

/** Lets rooms be drawn in the plan, and moved and stretched by their corners; nothing while `rooms` is left out. */
export function useDragRooms(svg: SVGSVGElement | null, rooms: DragRooms | undefined): RoomDraft | undefined {
  const [draft, setDraft] = useState<RoomDraft>();
  const now = useRef(rooms);
  useEffect(() => {
    now.current = rooms;
  });
  const isOn = rooms !== undefined;
  useEffect(() => {
    if (!svg || !isOn) return undefined;
    let held:
      { id: string | undefined; grip: Grip; edges: PlanEdges; at: { x: number; y: number } } | undefined;
    let last: RoomDraft | undefined;
    const show = (next: RoomDraft | undefined) => {
      last = next;
      setDraft(next);
    };
    const startAt = (event: Drag) => {
      const { layout, scale, isDrawing } = now.current!;
      const { inside } = layout;
      const pressed = gripAt((event.sourceEvent as Event).target);
      const box = [...(inside?.berths ?? []), ...(inside?.obstacles ?? [])].find(
        ({ id }) => id === pressed?.id,
      );
      const at = { x: event.x, y: event.y };
      if (pressed && box && !isDrawing) return { ...pressed, edges: edgesOf(box), at };
      if (!scale || !isDrawing) return undefined;
      const spot = {
        x: (event.x - scale.x(0)) / scale.perMetre,
        y: (scale.planY(0) - event.y) / scale.perMetre,
      };
      const grip: Grip = { x: [false, true], y: [false, true] };
      return { id: undefined, grip, edges: { x: [spot.x, spot.x], y: [spot.y, spot.y] } as PlanEdges, at };
    };
    const behaviour = drag<SVGSVGElement, unknown>()
      .filter(
        (event: MouseEvent) =>
          !event.button && (now.current!.isDrawing || gripAt(event.target) !== undefined),
      )
      .container(() => svg)
      .clickDistance(4)
      .subject((event: Drag) => ({ x: event.x, y: event.y }))
      .on('start', (event: Drag) => (held = startAt(event)))
      .on('drag', (event: Drag) => {
        const { layout, scale } = now.current!;
        if (!held || !scale) return;
        const by = { x: (event.x - held.at.x) / scale.perMetre, y: (held.at.y - event.y) / scale.perMetre };
        const isFree = (event.sourceEvent as MouseEvent).altKey;
        show({
          id: held.id,
          edges: draggedEdges(held.edges, held.grip, by, {
            marks: planMarks(layout, held.id),
            within: isFree ? 0 : snapPixels / scale.perMetre,
          }),
        });
      })
      .on('end', () => {
        if (last) now.current!.onDrawn(last);
        show(undefined);
        held = undefined;
      });
    const selection = select(svg).call(behaviour);
    return () => {
      selection.on('.drag', null);
    };
  }, [svg, isOn]);
  return draft;
}
