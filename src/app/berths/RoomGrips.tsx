import type { Inside } from '../../core/reading/berths/inside';
import { edgesOf, type PlanEdges } from '../../core/reading/berths/snap';
import { formatLength } from '../../core/base/quantity/format';
import { useSettings } from '../state/settings-store';
import type { PictureScale } from './picture-scale';
import type { RoomDraft } from './use-drag-rooms';
import styles from './RoomGrips.module.css';

interface RoomGripsProps {
  inside: Inside;
  scale: PictureScale;
  draft: RoomDraft | undefined;
  isDrawing: boolean;
}

const corners = ['aft starboard', 'aft port', 'fore starboard', 'fore port'] as const;
/** Pixels of a corner to be taken hold of, as it is drawn and as a finger finds it. */
const drawn = 9;
const reach = 26;

/** Rooms and what is built in, to be moved in the plan and stretched by their corners; the one in hand with its sizes. */
export function RoomGrips({ inside, scale, draft, isDrawing }: RoomGripsProps) {
  const units = useSettings((state) => state.units);
  const rect = ({ x, y }: PlanEdges) => ({
    x: scale.x(x[0]),
    y: scale.planY(y[1]),
    width: (x[1] - x[0]) * scale.perMetre,
    height: (y[1] - y[0]) * scale.perMetre,
  });
  // The small ones lie over the large ones that they stand in.
  const boxes = [...inside.berths, ...inside.obstacles].sort((a, b) => b.long * b.wide - a.long * a.wide);
  return (
    <g data-rooms aria-hidden>
      {!isDrawing &&
        boxes.map((box) => (
          <rect key={box.id} {...rect(edgesOf(box))} className={styles.room} data-room={box.id}>
            <title>{box.name}: drag it, or one of its corners</title>
          </rect>
        ))}
      {!isDrawing &&
        boxes.flatMap((box) =>
          corners.map((corner) => {
            const { x, y } = edgesOf(box);
            const at = {
              x: scale.x(corner.includes('fore') ? x[1] : x[0]),
              y: scale.planY(corner.includes('port') ? y[1] : y[0]),
            };
            return (
              <g
                key={`${box.id} ${corner}`}
                data-room={box.id}
                data-corner={corner}
                className={styles.corner}
              >
                <rect
                  x={at.x - reach / 2}
                  y={at.y - reach / 2}
                  width={reach}
                  height={reach}
                  className={styles.reach}
                />
                <rect
                  x={at.x - drawn / 2}
                  y={at.y - drawn / 2}
                  width={drawn}
                  height={drawn}
                  className={styles.grip}
                />
              </g>
            );
          }),
        )}
      {draft && (
        <>
          <rect {...rect(draft.edges)} className={styles.draft} />
          <text
            x={scale.x(draft.edges.x[0]) + 5}
            y={scale.planY(draft.edges.y[1]) - 5}
            className={styles.size}
          >
            {formatLength(draft.edges.x[1] - draft.edges.x[0], units)} ×{' '}
            {formatLength(draft.edges.y[1] - draft.edges.y[0], units)}
          </text>
        </>
      )}
    </g>
  );
}
