import type { ScaleLinear } from 'd3-scale';
import styles from './ValueGrid.module.css';

interface ValueGridProps {
  y: ScaleLinear<number, number>;
  left: number;
  right: number;
  /** About how many lines. */
  count?: number;
  /** After each figure, where the picture does not say it elsewhere. */
  unit?: string;
}

/** Lines across a picture at round values, with their figures at its left. */
export function ValueGrid({ y, left, right, count = 3, unit }: ValueGridProps) {
  return y.ticks(count).map((tick) => (
    <g key={tick}>
      <line x1={left} x2={right} y1={y(tick)} y2={y(tick)} className={styles.grid} />
      <text x={left - 6} y={y(tick) + 4} className={styles.tick}>
        {unit === undefined ? tick : `${tick} ${unit}`}
      </text>
    </g>
  ));
}
