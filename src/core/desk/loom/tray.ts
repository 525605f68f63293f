import { elkPortId, type ElkBox } from './elk-graph';
import { loomSizes, portHeight, touchedNodes, type LoomModel, type LoomNode } from './loom-model';

/** Room between parts in the tray, above it, and for the words at its head. */
const gaps = { part: 22, row: 16, above: 26, head: 20 };
/** Width that the tray has at least, so that a build of loose parts fills the picture. */
const leastWidth = 900;

/** From the pack outwards, what lies in the leads last. */
const order: LoomNode['column'][] = ['pack', 'feed', 'drive', 'radio', 'served', 'inline'];

/** Where loose parts lie, and where the head of their tray stands. */
export interface Tray {
  boxes: ElkBox[];
  head: { x: number; y: number };
  width: number;
  height: number;
}

/** Lays loose parts in rows under the picture, kind by kind. `undefined` where there are none. */
export function trayOf(model: LoomModel, picture: { width: number; height: number }): Tray | undefined {
  const touched = touchedNodes(model);
  const loose = model.nodes
    .filter(({ id }) => !touched.has(id))
    .sort((a, b) => order.indexOf(a.column) - order.indexOf(b.column) || b.height - a.height);
  if (loose.length === 0) return undefined;
  const most = Math.max(picture.width, leastWidth);
  const top = picture.height + (picture.height > 0 ? gaps.above : 0);
  const boxes: ElkBox[] = [];
  let [x, y, tallest, widest] = [0, top + gaps.head, 0, 0];
  for (const node of loose) {
    // Pins stand out of the box at both sides.
    const width = node.width + 2 * loomSizes.pinSize;
    if (x > 0 && x + width > most) [x, y, tallest] = [0, y + tallest + gaps.row, 0];
    boxes.push(boxAt(node, x + loomSizes.pinSize, y));
    x += width + gaps.part;
    widest = Math.max(widest, x - gaps.part);
    tallest = Math.max(tallest, node.height);
  }
  return {
    boxes,
    head: { x: 0, y: top + 10 },
    width: Math.max(picture.width, widest),
    height: y + tallest + gaps.row,
  };
}

/** A part with its ports one under another on either side, in the middle where they have no order of their own. */
function boxAt(node: LoomNode, x: number, y: number): ElkBox {
  const { pinSize, portGap, titleHeight, lineHeight, padding } = loomSizes;
  const textHeight = titleHeight + node.lines.length * lineHeight + padding;
  const stack = (side: 'left' | 'right') =>
    node.ports
      .filter((port) => port.side === side)
      .reduce((sum, port) => sum + portHeight(port) + portGap, -portGap);
  const start = (side: 'left' | 'right') => (node.keepsOrder ? textHeight : (node.height - stack(side)) / 2);
  const next = { left: start('left'), right: start('right') };
  return {
    id: node.id,
    width: node.width,
    height: node.height,
    x,
    y,
    layoutOptions: {},
    ports: node.ports.map((port) => {
      const top = next[port.side];
      next[port.side] += portHeight(port) + portGap;
      return {
        id: elkPortId(node.id, port.id),
        width: pinSize,
        height: portHeight(port),
        x: port.side === 'left' ? -pinSize : node.width,
        y: top,
        layoutOptions: {},
      };
    }),
  };
}
