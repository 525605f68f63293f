import type { StrandColumn, StrandSpot } from '../../core/reading/radio/strands';

/** Sizes of the picture, in its own pixels. */
export const strandSizes = {
  width: 860,
  row: 36,
  head: 24,
  boxWidth: 170,
  boxHeight: 30,
  x: { control: 0, function: 230, channel: 460, part: 690 } satisfies Record<StrandColumn, number>,
} as const;

interface Point {
  x: number;
  y: number;
}

/** A strand as a soft curve from the right side of one box to the left side of another, and its middle. */
export function strandPath(from: StrandSpot, to: StrandSpot): { path: string; middle: Point } {
  const { x, row, head, boxWidth, boxHeight } = strandSizes;
  const height = ({ row: n }: StrandSpot) => head + n * row + boxHeight / 2;
  const start = { x: x[from.column] + boxWidth, y: height(from) };
  const end = { x: x[to.column], y: height(to) };
  const half = (start.x + end.x) / 2;
  return {
    path: `M${start.x},${start.y}C${half},${start.y} ${half},${end.y} ${end.x},${end.y}`,
    middle: { x: half, y: (start.y + end.y) / 2 },
  };
}
