import { firstInconsistency } from '../file/consistency';
import type { Build } from '../plan/build';
import type { PartSpec } from '../parts/part-spec';
import type { Clash } from './clash';

/** A merged build in which every reference leads somewhere: what one window cut off from the other's is dropped, and told. */
export function settle(build: Build, sheets: readonly PartSpec[], clashes: Clash[]): Build {
  let settled = withParts(build, sheets);
  for (;;) {
    const problem = firstInconsistency(settled);
    if (!problem) return settled;
    const [, list, at, device] =
      /^build\.(leads|functions)\[(\d+)\](?:\.devices\[(\d+)\])?/.exec(problem.where) ?? [];
    const n = Number(at);
    if (list === 'leads') {
      const lead = settled.leads[n]!;
      clashes.push({
        what: `the lead from ${nameOf(build, lead.from.fitting)} to ${nameOf(build, lead.to.fitting)}`,
        kept: 'nothing of it, as a part or port that it needs is gone or taken',
        other: 'it',
      });
      settled = { ...settled, leads: settled.leads.filter((one) => one !== lead) };
    } else if (list === 'functions' && device !== undefined) {
      settled = {
        ...settled,
        functions: settled.functions.map((one, m) =>
          m === n ? { ...one, devices: one.devices.filter((_, k) => k !== Number(device)) } : one,
        ),
      };
    } else return settled;
  }
}

/** Each sheet that a fitting stands for, from whichever window has it, and no other. */
function withParts(build: Build, sheets: readonly PartSpec[]): Build {
  const used = new Set(build.fittings.map((one) => one.part));
  const kept = build.parts.filter((one) => used.has(one.id));
  const there = new Set(kept.map((one) => one.id));
  const missing = [...used].flatMap((id) => {
    const sheet = there.has(id) ? undefined : sheets.find((one) => one.id === id);
    return sheet ? [sheet] : [];
  });
  return { ...build, parts: [...kept, ...missing] };
}

const nameOf = ({ fittings }: Build, id: string): string =>
  fittings.find((one) => one.id === id)?.name ?? `"${id}"`;
