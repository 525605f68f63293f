import type { LiveView } from '../../core/bench/rehearsal/live-view';

/** Volts of a receiver at a moment, in seconds since the rehearsal began. */
export interface StripPoint {
  at: number;
  volts: number;
}

/** Seconds that are looked back on. */
export const stripSeconds = 10;

/** What the receiver nearest to its floor had in the last seconds. */
export interface Strip {
  id: string;
  name: string;
  floor: number;
  points: readonly StripPoint[];
}

/** Adds a moment to a strip. It is about the receiver with the least to spare, and begins anew with another. */
export function nextStrip(strip: Strip | undefined, view: LiveView, seconds: number): Strip | undefined {
  const powered = view.parts.flatMap((part) =>
    part.sag ? [{ ...part.sag, id: part.id, name: part.name }] : [],
  );
  const spare = ({ volts, floor }: { volts: number; floor: number }) => volts - floor;
  const nearest = powered.reduce<(typeof powered)[number] | undefined>(
    (best, each) => (best && spare(best) <= spare(each) ? best : each),
    undefined,
  );
  if (!nearest) return undefined;
  const same = powered.find(({ id }) => id === strip?.id);
  // Another receiver takes over only where it comes nearer to its floor than this one ever did.
  const worst = strip && Math.min(...strip.points.map(({ volts }) => volts - strip.floor));
  const chosen = same && worst !== undefined && worst <= spare(nearest) ? same : nearest;
  const before = chosen.id === strip?.id ? strip.points : [];
  return {
    id: chosen.id,
    name: chosen.name,
    floor: chosen.floor,
    points: [...before.filter(({ at }) => at > seconds - stripSeconds), { at: seconds, volts: chosen.volts }],
  };
}
