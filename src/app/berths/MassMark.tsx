import styles from './BerthsPicture.module.css';

/** The centre of mass: a disc in quarters. */
export function MassMark({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`} className={styles.mass}>
      <circle r={7} />
      <path d="M0 0V-7A7 7 0 0 1 7 0ZM0 0V7A7 7 0 0 1 -7 0Z" />
      <title>Centre of mass</title>
    </g>
  );
}
