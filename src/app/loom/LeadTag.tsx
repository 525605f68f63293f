import type { PlacedLead } from '../../core/desk/loom/loom-layout';
import styles from './LeadTag.module.css';

interface LeadTagProps {
  lead: PlacedLead;
  /** A line each; the second is small print. */
  lines: readonly string[];
  /** How near it is to what its contacts carry. */
  level?: 'easy' | 'near' | 'over';
  /** The whole of it, for whoever points at it. */
  title?: string;
}

/** Width of a character, height of a line, and room around them. */
const size = { letter: 7.7, line: 14.5, pad: 4 };

/** A small sign on the middle of a lead. */
export function LeadTag({ lead, lines, level = 'easy', title }: LeadTagProps) {
  const n = Math.floor((lead.route.length - 1) / 2);
  const middle = lead.route[n];
  const next = lead.route[n + 1] ?? middle;
  if (!middle || !next) return null;
  const [x, y] = [(middle.x + next.x) / 2, (middle.y + next.y) / 2];
  const width = Math.max(...lines.map((line) => line.length)) * size.letter + 2 * size.pad;
  const height = lines.length * size.line + 3;
  return (
    <g transform={`translate(${x},${y})`} className={styles.sign} data-level={level}>
      <rect x={-width / 2} y={-height / 2} width={width} height={height} rx={3} className={styles.tag} />
      {lines.map((line, k) => (
        <text key={line} y={size.line * (k + 1) - height / 2 - 1.5} className={styles.text}>
          {line}
        </text>
      ))}
      {title !== undefined && <title>{title}</title>}
    </g>
  );
}
