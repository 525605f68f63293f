import ELK from 'elkjs/lib/elk.bundled.js';
import { readingOf } from '../../src/core/reading/build-reading/reading';
import { elkGraph, type ElkGraph, type Point } from '../../src/core/desk/loom/elk-graph';
import { foldGroups } from '../../src/core/desk/loom/fold';
import { loomGroups, type LoomGroup } from '../../src/core/desk/loom/loom-groups';
import { placeLoom, type LoomLayout, type PlacedNode } from '../../src/core/desk/loom/loom-layout';
import { loomModel } from '../../src/core/desk/loom/loom-model';
import type { Build } from '../../src/core/model/plan/build';

/** The wiring picture of a build, laid out here as the worker does it. @param isFolded groups drawn as one box each */
export async function layOut(build: Build, isFolded?: (group: LoomGroup) => boolean): Promise<LoomLayout> {
  const context = readingOf(build, []);
  const whole = loomModel(context);
  const model = isFolded ? foldGroups(whole, loomGroups(context, whole).filter(isFolded)) : whole;
  const engine = new ELK();
  return placeLoom(
    model,
    (await engine.layout(elkGraph(model, build.pictureOrder) as never)) as unknown as ElkGraph,
  );
}

/** The straight pieces of a route. */
export const segments = (route: readonly Point[]): [Point, Point][] =>
  route.slice(1).map((point, n) => [route[n]!, point]);

/** How far a line or a box must reach into a part to count, in the picture's own pixels. */
const inside = 1;

/** Whether a straight piece runs through a part. */
export const crosses = ({ x, y, width, height }: PlacedNode, a: Point, b: Point): boolean =>
  Math.max(a.x, b.x) > x + inside &&
  Math.min(a.x, b.x) < x + width - inside &&
  Math.max(a.y, b.y) > y + inside &&
  Math.min(a.y, b.y) < y + height - inside;

/** Whether two parts lie on each other. */
export const overlap = (a: PlacedNode, b: PlacedNode): boolean =>
  a.x + a.width > b.x + inside &&
  b.x + b.width > a.x + inside &&
  a.y + a.height > b.y + inside &&
  b.y + b.height > a.y + inside;
