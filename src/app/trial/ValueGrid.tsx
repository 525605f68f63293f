import type { ScaleLinear } from 'd3-scale';
import styles from './TimeChart.module.css';

interface ValueGridProps {
  y: ScaleLinear<number, number>;
  left: number;
  right: number;
}

/** Lines across a picture at round values, with their figures at its left. */
export function ValueGrid({ y, left, right }: ValueGridProps) {
  return y.ticks(3).map((tick) => (
    <g key={tick}>
      <line x1={left} x2={right} y1={y(tick)} y2={y(tick)} className={styles.grid} />
      <text x={left - 6} y={y(tick) + 4} className={styles.tick}>
        {tick}
      </text>
    </g>
  ));
}
