import { useState } from 'react';
import { goesTogether, mating } from '../../core/model/connectors/mating';
import type { Patch } from '../../core/model/plan/patch';
import type { PortRef } from '../../core/model/plan/lead';
import { farEnd, portKey } from '../../core/model/plan/build-index';
import { portJoins, type PortJoins } from '../../core/desk/wiring/port-joins';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import type { Trace } from './trace';

/** How a port looks while another waits to be plugged in. */
export type PortRole = 'free' | 'used' | 'waiting' | 'fits' | 'needsAdapter' | 'looksAlike' | 'other';

/** Plugging port to port in the picture: by dragging, or by a tap on one and then on the other. */
export function usePlugging(trace: Trace, onTrace: (trace: Trace) => void) {
  const { context } = useCheck();
  const { index } = context;
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  /** A join that is not plain: what may be done, and why. */
  const [asked, setAsked] = useState<PortJoins>();
  const waiting: PortRef | undefined =
    trace?.kind === 'port' && index.has(trace.id) ? { fitting: trace.id, port: trace.port } : undefined;
  const lead = waiting && index.leadAt(waiting);
  /** The plug that is in the hand: of a lead that moves, the far one stays where it is. */
  const held = waiting && (lead ? farEnd(lead, waiting) : waiting);

  const roleOf = (here: PortRef): PortRole => {
    const isUsed = index.leadAt(here) !== undefined;
    if (!waiting || !held) return isUsed ? 'used' : 'free';
    if (portKey(here) === portKey(waiting)) return 'waiting';
    const [own, port] = [index.port(held), index.port(here)];
    if (isUsed || here.fitting === held.fitting || own.use !== port.use) return 'other';
    if (goesTogether(own.connector, port.connector)) return 'fits';
    return mating(own.connector, port.connector).result === 'nearMiss' ? 'looksAlike' : 'needsAdapter';
  };
  const take = (patch: Patch, from: PortRef) => {
    setAsked(undefined);
    apply(patch.label, patch.edits);
    onTrace({ kind: 'part', id: from.fitting });
  };
  const join = (from: PortRef, to: PortRef) => {
    const joins = portJoins(context, from, to, locker);
    const [only, ...others] = joins.ways;
    if (only && others.length === 0 && joins.why === undefined) take(only, from);
    else setAsked(joins);
  };
  const tap = (here: PortRef) => {
    const wait = () => onTrace({ kind: 'port', id: here.fitting, port: here.port });
    const there = index.leadAt(here);
    // A plug that is in its place is followed by a tap, and moved by dragging it.
    if (!waiting && there) return onTrace({ kind: 'lead', id: there.id });
    if (!waiting) return wait();
    if (portKey(here) === portKey(waiting)) return onTrace(undefined);
    // A free port for another use is rather the next one to begin with than a mistake to be told of.
    if (roleOf(here) === 'other' && !index.leadAt(here)) return wait();
    return join(waiting, here);
  };
  return {
    roleOf,
    tap,
    join,
    asked,
    take: (patch: Patch) => waiting && take(patch, waiting),
    leave: () => setAsked(undefined),
  };
}

/** A port as the picture names it while it is dragged. */
export const joinKey = (ref: PortRef): string => JSON.stringify([ref.fitting, ref.port]);
export function portOf(key: string): PortRef {
  const [fitting, port] = JSON.parse(key) as [string, string];
  return { fitting, port };
}
