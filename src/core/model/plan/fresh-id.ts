import type { Build } from './build';

/** Most characters that an id may have. */
export const mostIdLength = 60;

/** Characters kept free for the number that tells ids apart. */
const roomForNumber = 6;

/** An id near `wanted` that no fitting or lead of the build has: `radio-bec`, `radio-bec-2`, … */
export function freshId(build: Build, wanted: string): string {
  const isTaken = (id: string) =>
    build.fittings.some((fitting) => fitting.id === id) || build.leads.some((lead) => lead.id === id);
  const short = wanted.replaceAll('/', '-').slice(0, mostIdLength - roomForNumber);
  if (!isTaken(short)) return short;
  for (let n = 2; ; n += 1) if (!isTaken(`${short}-${n}`)) return `${short}-${n}`;
}
