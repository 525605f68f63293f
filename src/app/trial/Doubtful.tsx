import styles from './TimeChart.module.css';

interface DoubtfulProps {
  /** Height in the picture from which on, upwards, a line is doubtful. */
  from: number;
  left: number;
  right: number;
}

/** The part of a picture of speed that is doubtful, shaded, with the reason; nothing where it lies above the picture. */
export function Doubtful({ from, left, right }: DoubtfulProps) {
  if (from <= 0) return null;
  return (
    <g>
      <rect x={left} y={0} width={right - left} height={from} className={styles.doubtful} />
      <text x={left + 6} y={11} className={styles.doubtfulWhy}>
        doubtful: the hull squats
      </text>
    </g>
  );
}
