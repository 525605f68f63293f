import { scaleLinear } from 'd3-scale';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { ModelFunction } from '../../core/model/plan/model-function';
import type { Outing } from '../../core/model/plan/outing';
import { addPoint, movePoint, pointsOf, removePoint } from '../../core/desk/trial/track-edits';
import { useWidth } from '../loom/use-width';
import styles from './OutingEditor.module.css';

interface TrackRowProps {
  outing: Outing;
  modelFunction: ModelFunction;
  onChange: (outing: Outing) => void;
}

const height = 54;

/** What one function does over an outing, as a line whose points can be moved. */
export function TrackRow({ outing, modelFunction, onChange }: TrackRowProps) {
  const [frame, frameWidth] = useWidth();
  const svg = useRef<SVGSVGElement>(null);
  const [drag, setDrag] = useState<{ n: number; outing: Outing }>();
  const shown = drag?.outing ?? outing;
  const points = pointsOf(shown, modelFunction.id);
  const width = Math.max(frameWidth, 200);
  const x = scaleLinear([0, outing.seconds], [6, width - 6]);
  const y = scaleLinear([-1, 1], [height - 8, 8]);
  const place = (event: PointerEvent): [number, number] => {
    const box = svg.current!.getBoundingClientRect();
    return [x.invert(event.clientX - box.left), y.invert(event.clientY - box.top)];
  };
  const onKey = (event: KeyboardEvent, n: number) => {
    const [seconds, position] = points[n]!;
    const step = event.shiftKey ? 5 : 1;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-0.1 * step, 0],
      ArrowRight: [0.1 * step, 0],
      ArrowUp: [0, 0.05 * step],
      ArrowDown: [0, -0.05 * step],
    };
    const move = moves[event.key];
    if (move) onChange(movePoint(outing, modelFunction.id, n, seconds + move[0], position + move[1]));
    else if (event.key === 'Delete' || event.key === 'Backspace')
      onChange(removePoint(outing, modelFunction.id, n));
    else return;
    event.preventDefault();
  };
  const last = points.at(-1);
  const course = [
    ...(points[0] ? [[0, points[0][1]]] : []),
    ...points,
    ...(last ? [[outing.seconds, last[1]]] : []),
  ];
  return (
    <div className={styles.row}>
      <span className={styles.name}>{modelFunction.name}</span>
      <div ref={frame}>
        <svg
          ref={svg}
          width="100%"
          height={height}
          className={styles.track}
          role="group"
          aria-label={`${modelFunction.name}: ${points.length} points`}
          onPointerDown={(event) => {
            if (event.target === event.currentTarget) {
              const [seconds, position] = place(event);
              onChange(addPoint(outing, modelFunction.id, seconds, position));
            }
          }}
          onPointerMove={(event) => {
            if (drag)
              setDrag({ n: drag.n, outing: movePoint(outing, modelFunction.id, drag.n, ...place(event)) });
          }}
          onPointerUp={() => {
            if (drag && drag.outing !== outing) onChange(drag.outing);
            setDrag(undefined);
          }}
        >
          <line x1={0} x2={width} y1={y(0)} y2={y(0)} className={styles.middle} pointerEvents="none" />
          <polyline
            points={course.map(([at, value]) => `${x(at ?? 0)},${y(value ?? 0)}`).join(' ')}
            className={styles.course}
            pointerEvents="none"
          />
          {points.map(([seconds, position], n) => (
            <g
              key={n}
              role="button"
              tabIndex={0}
              aria-label={`${modelFunction.name}, ${seconds.toFixed(1)} s, ${(100 * position).toFixed(0)} %`}
              onPointerDown={(event) => {
                svg.current?.setPointerCapture(event.pointerId);
                setDrag({ n, outing });
              }}
              onDoubleClick={() => onChange(removePoint(outing, modelFunction.id, n))}
              onKeyDown={(event) => onKey(event, n)}
              className={styles.point}
            >
              {/* A finger needs more than the eye. */}
              <circle cx={x(seconds)} cy={y(position)} r={12} fill="transparent" stroke="none" />
              <circle cx={x(seconds)} cy={y(position)} r={5} />
            </g>
          ))}
        </svg>
      </div>
    </div>
  );
}
