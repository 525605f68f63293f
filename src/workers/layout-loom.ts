import ELK, { type ElkNode } from 'elkjs/lib/elk-api.js';
import elkWorkerUrl from 'elkjs/lib/elk-worker.min.js?url';
import type { ElkGraph } from '../core/desk/loom/elk-graph';

let engine: InstanceType<typeof ELK> | undefined;

/** Lays a wiring graph out in a worker of its own; the page stays free meanwhile. */
export async function layoutLoom(graph: ElkGraph): Promise<ElkGraph> {
  engine ??= new ELK({ workerFactory: () => new Worker(elkWorkerUrl) });
  const laidOut = await engine.layout(structuredClone(graph) as ElkNode);
  return laidOut as unknown as ElkGraph;
}
