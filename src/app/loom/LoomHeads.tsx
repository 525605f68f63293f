import type { ColumnHead } from '../../core/loom/column-heads';
import type { PlacedNode } from '../../core/loom/loom-layout';
import styles from './LoomHeads.module.css';

/** The heads of the columns: what feeds them, and at how many volts. */
export function LoomHeads({ heads, nodes }: { heads: readonly ColumnHead[]; nodes: readonly PlacedNode[] }) {
  return (
    <>
      {heads.map((head) => {
        const here = nodes.filter((node) => head.over.includes(node.id));
        if (here.length === 0) return null;
        const left = Math.min(...here.map((node) => node.x));
        const right = Math.max(...here.map((node) => node.x + node.width));
        return (
          <g key={head.column}>
            <text x={left} y={11} className={styles.name}>
              {head.name}
              <tspan dx={6} className={styles.figure} data-bad={head.isBad}>
                {head.figure}
              </tspan>
            </text>
            <line x1={left} x2={right} y1={18} y2={18} className={styles.rule} />
          </g>
        );
      })}
    </>
  );
}
