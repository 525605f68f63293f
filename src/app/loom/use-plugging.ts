import { portKey, type FreePort } from '../../core/survey/build-index';
import { connect } from '../../core/put-right/connect';
import { goes, plugTargets } from '../../core/wiring/plug-targets';
import { useBuild, useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import type { Trace } from './trace';

/** How a free port looks while another waits to be plugged in. */
export type PortRole = 'free' | 'waiting' | 'fits' | 'needsAdapter' | 'other';

/** Plugging port to port in the picture: the first tap chooses, the second joins. */
export function usePlugging(trace: Trace, onTrace: (trace: Trace) => void) {
  const build = useBuild();
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const free = new Map(context.index.freePorts().map((freePort) => [portKey(freePort.ref), freePort]));
  const waiting: FreePort | undefined =
    trace?.kind === 'port' ? free.get(portKey({ fitting: trace.id, port: trace.port })) : undefined;
  const targets = new Set(
    waiting ? plugTargets([...free.values()], waiting).map((freePort) => portKey(freePort.ref)) : [],
  );

  const roleOf = (fitting: string, port: string): PortRole | undefined => {
    const here = free.get(portKey({ fitting, port }));
    if (!here) return undefined;
    if (!waiting) return 'free';
    if (here === waiting) return 'waiting';
    if (!targets.has(portKey(here.ref))) return 'other';
    return goes(here, waiting) ? 'fits' : 'needsAdapter';
  };

  const tap = (fitting: string, port: string) => {
    const here = free.get(portKey({ fitting, port }));
    if (!here) return;
    if (here === waiting) return onTrace(undefined);
    const edits = waiting && targets.has(portKey(here.ref)) && connect(build, waiting.ref, here.ref, locker);
    if (!edits) return onTrace({ kind: 'port', id: fitting, port });
    apply(`plug in the ${context.index.get(waiting.ref.fitting).fitting.name}`, edits);
    onTrace({ kind: 'part', id: waiting.ref.fitting });
  };

  return { roleOf, tap };
}
