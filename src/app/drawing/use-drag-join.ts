import { drag, type D3DragEvent } from 'd3-drag';
import { select } from 'd3-selection';
import { useEffect, useRef, useState } from 'react';

/** A line that is being drawn from a spot to wherever the pointer is, in the picture's own coordinates. */
export interface DraggedLine {
  from: string;
  start: { x: number; y: number };
  at: { x: number; y: number };
  /** The spot under the pointer. */
  over: string | undefined;
}

const joinOf = (target: EventTarget | null | undefined): string | undefined =>
  (target instanceof Element && target.closest<SVGElement>('[data-join]')?.dataset.join) || undefined;

/** Whether a press begins on something that can be dragged to another: a picture that pans leaves it alone. */
export const isOnJoin = (event: Event): boolean => joinOf(event.target) !== undefined;

/** Pixels that a finger may move in a tap. */
const tapDistance = 6;

type Drag = D3DragEvent<SVGSVGElement, unknown, unknown>;

/** Lets anything in a picture that says `data-join` be dragged onto another such thing, by mouse, pen or finger. */
export function useDragJoin(
  svg: SVGSVGElement | null,
  onJoin: (from: string, to: string) => void,
  onStart: (from: string | undefined) => void,
): DraggedLine | undefined {
  const [line, setLine] = useState<DraggedLine>();
  const calls = useRef({ onJoin, onStart });
  useEffect(() => {
    calls.current = { onJoin, onStart };
  });
  useEffect(() => {
    if (!svg) return undefined;
    let drawn: DraggedLine | undefined;
    const draw = (next: DraggedLine | undefined) => {
      drawn = next;
      setLine(next);
    };
    const underPointer = ({ sourceEvent }: Drag): string | undefined => {
      const touch = sourceEvent as MouseEvent & { changedTouches?: TouchList };
      const { clientX, clientY } = touch.changedTouches?.[0] ?? touch;
      return joinOf(document.elementFromPoint(clientX, clientY));
    };
    const far = ({ x, y }: Drag, start: { x: number; y: number }) =>
      Math.hypot(x - start.x, y - start.y) > tapDistance;
    let pressed: { from: string; start: { x: number; y: number } } | undefined;
    const behaviour = drag<SVGSVGElement, unknown>()
      .filter((event: MouseEvent) => !event.ctrlKey && !event.button && isOnJoin(event))
      // In the picture's own coordinates.
      .container(() => svg)
      .clickDistance(tapDistance)
      .subject((event: Drag) => ({ x: event.x, y: event.y }))
      .on('start', (event: Drag) => {
        const from = joinOf((event.sourceEvent as Event).target);
        pressed = from === undefined ? undefined : { from, start: { x: event.x, y: event.y } };
      })
      .on('drag', (event: Drag) => {
        if (!pressed || (!drawn && !far(event, pressed.start))) return;
        if (!drawn) calls.current.onStart(pressed.from);
        draw({ ...pressed, at: { x: event.x, y: event.y }, over: underPointer(event) });
      })
      .on('end', (event: Drag) => {
        const to = drawn && underPointer(event);
        if (drawn) calls.current.onStart(undefined);
        if (drawn && to !== undefined && to !== drawn.from) calls.current.onJoin(drawn.from, to);
        draw(undefined);
        pressed = undefined;
      });
    const selection = select(svg).call(behaviour);
    return () => {
      selection.on('.drag', null);
    };
  }, [svg]);
  return line;
}
