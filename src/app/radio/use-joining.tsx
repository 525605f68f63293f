import { useState } from 'react';
import { canJoin, fits, joins } from '../../core/judgement/put-right/joins';
import type { Radio } from '../../core/reading/radio/radios';
import type { StrandSpot } from '../../core/reading/radio/strands';
import type { Patch } from '../../core/model/plan/patch';
import { useBuildStore } from '../state/build-store';
import { useLocker } from '../state/locker-store';
import { useCheck } from '../state/use-check';
import { keyOf, type SpotKey, type SpotRole } from './StrandPicture';

/** Joining in the radio picture: by dragging, or by a tap on one and then on the other. */
export function useJoining(spots: readonly StrandSpot[], radio: Radio) {
  const { context } = useCheck();
  const apply = useBuildStore((state) => state.apply);
  const locker = useLocker((state) => state.parts);
  const [waitingKey, setWaiting] = useState<SpotKey>();
  /** What a join may mean, where there are several ways. */
  const [choices, setChoices] = useState<readonly Patch[]>([]);
  const byKey = new Map(spots.map((spot) => [keyOf(spot), spot]));
  const waiting = waitingKey === undefined ? undefined : byKey.get(waitingKey);

  const roleOf = (key: SpotKey): SpotRole => {
    const spot = byKey.get(key);
    if (!waiting || !spot) return 'plain';
    if (spot === waiting) return 'waiting';
    if (!canJoin(waiting, spot)) return 'other';
    return fits(radio, waiting, spot) ? 'fits' : 'misfits';
  };
  const take = (patch: Patch) => {
    setChoices([]);
    setWaiting(undefined);
    apply(patch.label, patch.edits);
  };
  const join = (from: SpotKey, to: SpotKey) => {
    const [a, b] = [byKey.get(from), byKey.get(to)];
    const ways = a && b ? joins(context, radio, [a, b], locker) : [];
    const [only, ...others] = ways;
    if (only && others.length === 0) take(only);
    else setChoices(ways);
    if (!only) setWaiting(undefined);
  };
  const tap = (key: SpotKey) => {
    const spot = byKey.get(key);
    if (!spot || spot === waiting) return setWaiting(undefined);
    if (waitingKey !== undefined && waiting && canJoin(waiting, spot)) return join(waitingKey, key);
    setWaiting(key);
  };
  const drop = () => {
    setChoices([]);
    setWaiting(undefined);
  };
  return { waiting, roleOf, tap, join, choices, take, drop, setWaiting };
}
