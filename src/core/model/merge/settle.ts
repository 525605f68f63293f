import { firstInconsistency } from '../file/consistency';
import type { Build } from '../plan/build';
import type { PartSpec } from '../kinds/part-spec';
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
      settled = { ...settled, leads: settled.leads.filter((candidate) => candidate !== lead) };
    } else if (list === 'functions' && device !== undefined) {
      settled = {
        ...settled,
        functions: settled.functions.map((modelFunction, m) =>
          m === n
            ? { ...modelFunction, devices: modelFunction.devices.filter((_, k) => k !== Number(device)) }
            : modelFunction,
        ),
      };
    } else return settled;
  }
}

/** Each sheet that a fitting stands for, from whichever window has it, and no other. */
function withParts(build: Build, sheets: readonly PartSpec[]): Build {
  const used = new Set(build.fittings.map((fitting) => fitting.part));
  const kept = build.parts.filter((part) => used.has(part.id));
  const there = new Set(kept.map((part) => part.id));
  const missing = [...used].flatMap((id) => {
    const sheet = there.has(id) ? undefined : sheets.find((part) => part.id === id);
    return sheet ? [sheet] : [];
  });
  return { ...build, parts: [...kept, ...missing] };
}

const nameOf = ({ fittings }: Build, id: string): string =>
  fittings.find((fitting) => fitting.id === id)?.name ?? `"${id}"`;
