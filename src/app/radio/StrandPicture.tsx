import { useState, type KeyboardEvent } from 'react';
import {
  strandColumns,
  type StrandColumn,
  type StrandPicture as Picture,
  type StrandSpot,
} from '../../core/reading/radio/strands';
import { useDragJoin } from '../drawing/use-drag-join';
import { strandPath, strandSizes } from './strand-path';
import styles from './StrandPicture.module.css';

export type SpotKey = string;
export const keyOf = ({ column, id }: Pick<StrandSpot, 'column' | 'id'>): SpotKey => `${column}:${id}`;

const heads: Record<StrandColumn, string> = {
  control: 'Control',
  function: 'Function',
  channel: 'Channel',
  part: 'Part',
};

/** How a spot looks while another one waits to be joined. */
export type SpotRole = 'plain' | 'waiting' | 'fits' | 'misfits' | 'other';

const roleWords: Record<SpotRole, string> = {
  plain: '',
  waiting: ', waits for its place',
  fits: ', can be joined with it',
  misfits: ', of another kind than is wanted',
  other: '',
};

interface StrandPictureProps {
  picture: Picture;
  /** The functions whose strands are lit. */
  lit: ReadonlySet<string>;
  roleOf: (key: SpotKey) => SpotRole;
  onTap: (key: SpotKey) => void;
  onStart: (key: SpotKey | undefined) => void;
  onJoin: (from: SpotKey, to: SpotKey) => void;
}

/** From the thumb to the part: each function as a strand through its control, its channel and its part. */
export function StrandPicture({ picture, lit, roleOf, onTap, onStart, onJoin }: StrandPictureProps) {
  const [svg, setSvg] = useState<SVGSVGElement | null>(null);
  const line = useDragJoin(svg, onJoin, onStart);
  const { width, row, head, boxWidth, boxHeight } = strandSizes;
  const height = head + picture.rows * row;
  const places = new Map(picture.spots.map((spot) => [keyOf(spot), spot]));
  const isDimming = lit.size > 0;
  return (
    <div className={styles.scroll}>
      <svg
        ref={setSvg}
        className={styles.picture}
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-label="Radio, from the control to the part"
        style={{ touchAction: line ? 'none' : 'pan-x pan-y' }}
      >
        {strandColumns.map((column) => (
          <text key={column} x={strandSizes.x[column]} y={14} className={styles.head}>
            {heads[column]}
          </text>
        ))}
        {picture.strands.map((strand) => {
          const [from, to] = [places.get(keyOf(strand.from)), places.get(keyOf(strand.to))];
          if (!from || !to) return null;
          const isLit = strand.functions.some((id) => lit.has(id));
          const { path, middle } = strandPath(from, to);
          return (
            <g key={`${keyOf(strand.from)}–${keyOf(strand.to)}`} data-dim={isDimming && !isLit}>
              <path d={path} className={styles.strand} data-lit={isLit} data-meant={strand.isOnlyMeant} />
              {strand.share && (
                <text x={middle.x} y={middle.y - 4} className={styles.share}>
                  {strand.share}
                </text>
              )}
            </g>
          );
        })}
        {picture.spots.map((spot) => {
          const key = keyOf(spot);
          const role = roleOf(key);
          const [x, y] = [strandSizes.x[spot.column], head + spot.row * row];
          const onKeyDown = (event: KeyboardEvent) => {
            if (event.key !== 'Enter' && event.key !== ' ') return;
            event.preventDefault();
            onTap(key);
          };
          return (
            <g
              key={key}
              data-join={key}
              className={styles.spot}
              data-role={role}
              data-idle={spot.isIdle}
              data-over={line?.over === key && line.from !== key}
              role="button"
              tabIndex={0}
              aria-label={`${heads[spot.column]} ${spot.label}${spot.note && `, ${spot.note}`}${roleWords[role]}`}
              onClick={() => onTap(key)}
              onKeyDown={onKeyDown}
            >
              <rect x={x} y={y} width={boxWidth} height={boxHeight} rx={4} />
              <text x={x + 9} y={y + (spot.note ? 13 : 19)} className={styles.label}>
                {elided(spot.label, 25)}
              </text>
              {spot.note && (
                <text x={x + 9} y={y + 25} className={styles.note}>
                  {elided(spot.note, 27)}
                </text>
              )}
              <title>{[spot.label, spot.note].filter(Boolean).join(': ')}</title>
            </g>
          );
        })}
        {line && (
          <line
            x1={line.start.x}
            y1={line.start.y}
            x2={line.at.x}
            y2={line.at.y}
            className={styles.dragged}
          />
        )}
      </svg>
    </div>
  );
}

/** A text that fits its box; the whole of it is in the title. */
const elided = (text: string, most: number): string =>
  text.length <= most ? text : `${text.slice(0, most - 1)}…`;
