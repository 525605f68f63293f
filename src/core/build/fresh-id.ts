import type { Build } from './build';

/** An id near `wanted` that no fitting or lead of the build has: `radio-bec`, `radio-bec-2`, … */
export function freshId(build: Build, wanted: string): string {
  const taken = new Set([...build.fittings, ...build.leads].map((one) => one.id));
  if (!taken.has(wanted)) return wanted;
  for (let n = 2; ; n += 1) if (!taken.has(`${wanted}-${n}`)) return `${wanted}-${n}`;
}
