import { group } from 'd3-array';
import type { ColumnHead } from '../../core/desk/loom/column-heads';
import type { LoomLayout, PlacedNode } from '../../core/desk/loom/loom-layout';
import styles from './LoomHeads.module.css';

/** Height of one line of heads; a second line stands above where two heads share a column. */
const headRow = 15;

/** Whether a head stands over a part, or over one that is folded into a box. */
const isUnder = ({ over }: ColumnHead, { id, parts = [] }: PlacedNode): boolean =>
  over.includes(id) || parts.some((part) => over.includes(part));

/** Widths of a letter of a name and of a figure, and the room between the two. */
const pitch = { name: 7, figure: 7.6, gap: 6 };

/** Where each head stands: over the column that most of its parts are in. */
const placedHeads = (heads: readonly ColumnHead[], nodes: readonly PlacedNode[]) =>
  heads.flatMap((head) => {
    const here = columnWithMost(nodes.filter((node) => !node.isLoose && isUnder(head, node)));
    const [first] = here;
    if (!first) return [];
    return [{ head, left: first.x, right: Math.max(...here.map((node) => node.x + node.width)) }];
  });

/** What a picture with heads must show: the layout, the second line above it, and the words of the last head. */
export function viewBoxWithHeads(
  { width, height, nodes }: Pick<LoomLayout, 'width' | 'height' | 'nodes'>,
  heads: readonly ColumnHead[],
): string {
  const words = placedHeads(heads, nodes).map(
    ({ head, left }) => left + head.name.length * pitch.name + pitch.gap + head.figure.length * pitch.figure,
  );
  return `0 ${-headRow} ${Math.max(width, ...words)} ${height + headRow}`;
}

/** The heads of the columns: what feeds them, and at how many volts. */
export function LoomHeads({ heads, nodes }: { heads: readonly ColumnHead[]; nodes: readonly PlacedNode[] }) {
  const placed = placedHeads(heads, nodes);
  return (
    <>
      {placed.map(({ head, left, right }, n) => {
        const isBehind = placed
          .slice(0, n)
          .some((candidate) => left < candidate.right && candidate.left < right);
        return (
          <g key={`${head.column}-${head.name}`}>
            <text x={left} y={isBehind ? 11 - headRow : 11} className={styles.name}>
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

/** Parts of one kind may stand in several columns; the head goes where most of them are. */
function columnWithMost(nodes: readonly PlacedNode[]): readonly PlacedNode[] {
  const columns = group(nodes, (node) => Math.round(node.x));
  return [...columns.values()].sort((a, b) => b.length - a.length)[0] ?? [];
}
