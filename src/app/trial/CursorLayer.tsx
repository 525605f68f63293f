import type { ScaleLinear } from 'd3-scale';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useTimeView } from './time-view';
import styles from './TimeChart.module.css';

interface CursorLayerProps {
  x: ScaleLinear<number, number>;
  left: number;
  width: number;
  height: number;
}

/** Least stretch of time that can be looked at, in seconds. */
const leastStretch = 0.2;

/**
 * The instant that every picture points at: by pointing, or by arrow keys. Dragging picks a stretch to look
 * closer at; a double click shows the whole again.
 */
export function CursorLayer({ x, left, width, height }: CursorLayerProps) {
  const { cursor, setCursor, from, to, seconds, show } = useTimeView();
  const start = useRef<number | undefined>(undefined);
  const timeAt = (event: PointerEvent<SVGRectElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return Math.min(Math.max(x.invert(left + event.clientX - box.left), from), to);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const step = (to - from) / 100;
    if (event.key === 'ArrowRight') setCursor(Math.min((cursor ?? from) + step, to));
    else if (event.key === 'ArrowLeft') setCursor(Math.max((cursor ?? to) - step, from));
    else if (event.key === 'Escape') setCursor(undefined);
    else return;
    event.preventDefault();
  };
  return (
    <>
      {cursor !== undefined && cursor >= from && cursor <= to && (
        <line x1={x(cursor)} x2={x(cursor)} y1={0} y2={height} className={styles.cursor} />
      )}
      <rect
        x={left}
        y={0}
        width={Math.max(width - left, 0)}
        height={height}
        className={styles.catcher}
        role="slider"
        tabIndex={0}
        aria-label="Instant"
        aria-valuemin={from}
        aria-valuemax={to}
        aria-valuenow={cursor ?? from}
        aria-valuetext={`${(cursor ?? from).toFixed(2)} seconds`}
        onKeyDown={onKeyDown}
        onPointerDown={(event) => {
          start.current = timeAt(event);
          setCursor(start.current);
        }}
        onPointerMove={(event) => setCursor(timeAt(event))}
        onPointerUp={(event) => {
          const end = timeAt(event);
          const begin = start.current ?? end;
          start.current = undefined;
          if (Math.abs(end - begin) > Math.max(leastStretch, (to - from) * 0.03))
            show(Math.min(begin, end), Math.max(begin, end));
        }}
        onDoubleClick={() => show(0, seconds)}
      />
    </>
  );
}
