import type { Build } from './build';

/** An id near `wanted` that no fitting or lead of the build has: `radio-bec`, `radio-bec-2`, … */
export function freshId(build: Build, wanted: string): string {
  const isTaken = (id: string) =>
    build.fittings.some((one) => one.id === id) || build.leads.some((one) => one.id === id);
  if (!isTaken(wanted)) return wanted;
  for (let n = 2; ; n += 1) if (!isTaken(`${wanted}-${n}`)) return `${wanted}-${n}`;
}
