import ELK from 'elkjs/lib/elk.bundled.js';
import { readingOf } from '../src/core/reading/build-reading/reading';
import { elkGraph, type ElkGraph } from '../src/core/desk/loom/elk-graph';
import { placeLoom } from '../src/core/desk/loom/loom-layout';
import { loomModel } from '../src/core/desk/loom/loom-model';
import type { Build } from '../src/core/model/plan/build';

const rounds = 7;

/** Milliseconds, the median of a few, that the wiring picture of a build takes to be laid out anew. */
export async function layoutMilliseconds(build: Build): Promise<number> {
  const engine = new ELK();
  const model = loomModel(readingOf(build, []));
  const times: number[] = [];
  for (let round = 0; round < rounds; round += 1) {
    const start = performance.now();
    placeLoom(model, (await engine.layout(elkGraph(model) as never)) as unknown as ElkGraph);
    times.push(performance.now() - start);
  }
  return Number(times.sort((a, b) => a - b)[Math.floor(rounds / 2)]!.toFixed(1));
}
