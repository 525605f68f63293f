import { randomLcg, randomUniform } from 'd3-random';
import { describe, expect, it } from 'vitest';
import type { Passage } from '../../model/plan/model-inside';
import { metresBetween, PassageGraph, type Anchor } from './passage-graph';

/** The shortest way by trying every order of passages, each at most once. */
function bruteForce(passages: readonly Passage[], from: Anchor, to: Anchor): number {
  let best = from.berth === to.berth ? metresBetween(from.spot, to.spot) : Infinity;
  const go = (spot: Anchor['spot'], berth: string, metres: number, left: readonly Passage[]) => {
    if (metres >= best) return;
    if (berth === to.berth) best = Math.min(best, metres + metresBetween(spot, to.spot));
    for (const passage of left) {
      if (passage.from !== berth && passage.to !== berth) continue;
      const beyond = passage.from === berth ? passage.to : passage.from;
      const rest = left.filter((each) => each !== passage);
      const reached = metres + metresBetween(spot, passage);
      go(passage, beyond, reached, rest);
      // A lead may also turn back in the hole into the room that it came from.
      go(passage, berth, reached, rest);
    }
  };
  go(from.spot, from.berth!, 0, passages);
  return best;
}

describe('the ways of leads', () => {
  it('are as short as the best of all', () => {
    const uniform = randomUniform.source(randomLcg(0.41))(0, 1);
    const spot = () => ({ x: uniform(), y: uniform(), z: uniform() });
    const berths = ['a', 'b', 'c', 'd'];
    const berth = () => berths[Math.floor(uniform() * berths.length)]!;
    let reached = 0;
    for (let n = 0; n < 400; n += 1) {
      const passages = Array.from({ length: 1 + Math.floor(uniform() * 5) }, (_, id): Passage => {
        const from = berth();
        const to = berths.filter((each) => each !== from)[Math.floor(uniform() * 3)]!;
        return { id: String(id), name: 'hole', from, to, ...spot() };
      });
      const [from, to] = [1, 2].map((): Anchor => ({ spot: spot(), berth: berth() })) as [Anchor, Anchor];
      const way = new PassageGraph(passages).way(from, to);
      const best = bruteForce(passages, from, to);
      if (way) reached += 1;
      expect(way?.metres ?? Infinity, JSON.stringify({ passages, from, to })).toBeCloseTo(best, 9);
      // It names the passages that it was measured by.
      if (!way) continue;
      const along = [from.spot, ...way.passages, to.spot];
      const told = along.slice(1).reduce((sum, at, at1) => sum + metresBetween(along[at1]!, at), 0);
      expect(told).toBeCloseTo(way.metres, 9);
    }
    expect(reached).toBeGreaterThan(200);
  });

  it('are none where no passage leads', () => {
    const graph = new PassageGraph([]);
    const at = { x: 0, y: 0, z: 0 };
    expect(graph.way({ spot: at, berth: 'a' }, { spot: at, berth: 'b' })).toBeUndefined();
  });
});
