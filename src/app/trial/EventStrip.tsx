import { scaleLinear } from 'd3-scale';
import type { TrialEvent } from '../../core/desk/trial/trial-result';
import { useWidth } from '../loom/use-width';
import { CursorLayer } from './CursorLayer';
import { eventNames } from './event-names';
import { useTimeView } from './time-view';
import styles from './EventStrip.module.css';

const left = 44;
const right = 8;
const rowHeight = 14;

/** When things happened, a row for each kind, above all pictures and on their time. */
export function EventStrip({ events }: { events: readonly TrialEvent[] }) {
  const { from, to } = useTimeView();
  const [frame, frameWidth] = useWidth();
  const width = Math.max(frameWidth, 200);
  const x = scaleLinear([from, to], [left, width - right]);
  const kinds = [...new Set(events.map((event) => event.kind))];
  // The last would be cut off at the edge.
  const ticks = x.ticks(8).filter((tick) => x(tick) < width - 24);
  const height = kinds.length * rowHeight + 20;
  return (
    <div ref={frame}>
      <svg width="100%" height={height} className={styles.strip}>
        <title>Events in time</title>
        {kinds.map((kind, row) => (
          <g key={kind} data-kind={kind}>
            <text x={0} y={row * rowHeight + 11} className={styles.name}>
              {eventNames[kind].short}
            </text>
            {events
              .filter((event) => event.kind === kind && event.until >= from && event.at <= to)
              .map((event) => (
                <rect
                  key={`${event.subject} ${event.at}`}
                  x={Math.max(x(event.at), left)}
                  y={row * rowHeight + 2}
                  width={Math.max(x(Math.min(event.until, to)) - Math.max(x(event.at), left), 2)}
                  height={rowHeight - 4}
                  className={styles.band}
                />
              ))}
          </g>
        ))}
        {ticks.map((tick) => (
          <text key={tick} x={x(tick)} y={height - 5} className={styles.tick}>
            {tick} s
          </text>
        ))}
        <CursorLayer x={x} left={left} width={width} height={height} />
      </svg>
    </div>
  );
}
