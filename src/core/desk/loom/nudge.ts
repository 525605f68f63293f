import type { LoomLayout, PlacedNode } from './loom-layout';

const middle = ({ y, height }: PlacedNode): number => y + height / 2;

/** The parts that stand in one column with a part, from the top, itself among them. */
function columnWith({ nodes }: LoomLayout, part: PlacedNode): PlacedNode[] {
  return nodes
    .filter((node) => !node.isLoose && node.x < part.x + part.width && part.x < node.x + node.width)
    .sort((a, b) => middle(a) - middle(b));
}

/** The order of the picture with one column in another order; all other columns stay as they were. */
const withColumn = (order: readonly string[], column: readonly string[]): string[] => [
  ...order.filter((id) => !column.includes(id)),
  ...column,
];

/**
 * The order of the picture after a part was moved up or down its column, to where its middle lies at a height.
 * `undefined` where that changes nothing: it has no column, or keeps its place there.
 * @param order parts that were moved before, from the top
 * @param height in the picture's own pixels, from the top
 */
export function movedTo(
  layout: LoomLayout,
  order: readonly string[],
  id: string,
  height: number,
): string[] | undefined {
  const part = layout.nodes.find((node) => node.id === id);
  if (!part || part.isLoose) return undefined;
  const before = columnWith(layout, part).map((node) => node.id);
  const others = columnWith(layout, part).filter((node) => node !== part);
  const above = others.filter((node) => middle(node) < height).map((node) => node.id);
  const below = others.filter((node) => middle(node) >= height).map((node) => node.id);
  const column = [...above, id, ...below];
  return column.join() === before.join() ? undefined : withColumn(order, column);
}

/** The order after a part was moved past its neighbour; `undefined` where it has none on that side. */
export function movedPast(
  layout: LoomLayout,
  order: readonly string[],
  id: string,
  way: 'up' | 'down',
): string[] | undefined {
  const part = layout.nodes.find((node) => node.id === id);
  if (!part || part.isLoose) return undefined;
  const column = columnWith(layout, part);
  const neighbour = column[column.indexOf(part) + (way === 'up' ? -1 : 1)];
  return neighbour && movedTo(layout, order, id, middle(neighbour) + (way === 'up' ? -1 : 1));
}
