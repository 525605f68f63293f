import { modelKinds, type Build } from '../plan/build';
import { emptyBuild } from '../plan/empty-build';
import { buildProblem } from './build-problem';
import { climbed } from './ladder';
import { isObject } from '../../base/validation/is-object';
import type { FileProblem } from '../../base/validation/problem';

/** What can be read of a build that cannot be read whole, and what had to be left out for it. */
export interface Salvaged {
  build: Build;
  /** In the order in which it was left out: what depended on a thing comes after it. */
  dropped: FileProblem[];
}

/** Most that is left out before the rest is given up. */
const mostDropped = 2000;

type Data = Record<string, unknown>;

/**
 * Keeps every part of a stored build that can be read: an item with something wrong in it is left out of its list, a
 * field outside the lists takes the value that a new build has. What it was given stays as it was.
 * @param version of the form in which it was kept
 * @returns `undefined` where there is nothing to keep
 */
export function salvageBuild(stored: unknown, version = 1): Salvaged | undefined {
  const data = climbed(stored, version);
  if (!isObject(data)) return undefined;
  const model = modelKinds.find((kind) => kind === data.model) ?? 'boat';
  const fresh = emptyBuild('salvaged', 'Salvaged build', model) as unknown as Data;
  const dropped: FileProblem[] = [];
  let held: Data = { ...data };
  for (let problem = buildProblem(held); problem; problem = buildProblem(held)) {
    if (dropped.length >= mostDropped) return undefined;
    const without = leaveOut(held, problem, fresh);
    if (!without) return undefined;
    dropped.push({ where: without.what, why: problem.why });
    held = without.held;
  }
  return { build: held as unknown as Build, dropped };
}

/** The build's data without what a problem names, and the words for that. */
function leaveOut(held: Data, { where }: FileProblem, fresh: Data): { held: Data; what: string } | undefined {
  const [, field = '', at, rest = ''] = /^build\.([^.[]+)(?:\[(\d+)\])?(.*)$/.exec(where) ?? [];
  const list = held[field];
  if (at !== undefined && Array.isArray(list)) {
    const item: unknown = list[Number(at)];
    const device = /^\.devices\[(\d+)\]$/.exec(rest);
    if (device && isObject(item) && Array.isArray(item.devices)) {
      const devices = item.devices.filter((_, n) => n !== Number(device[1]));
      const kept = list.with(Number(at), { ...item, devices });
      return { held: { ...held, [field]: kept }, what: `a device of ${nameOf(field, item)}` };
    }
    return {
      held: { ...held, [field]: list.filter((_, n) => n !== Number(at)) },
      what: nameOf(field, item),
    };
  }
  // A list that is too long keeps what it may hold; a field takes what a new build has; a stray one goes.
  const others = Object.fromEntries(Object.entries(held).filter(([key]) => key !== field));
  const isNew = JSON.stringify(held[field]) === JSON.stringify(fresh[field]);
  if (isNew && !(field in others) && !(field in held)) return undefined;
  return field in fresh && !isNew
    ? { held: { ...others, [field]: fresh[field] }, what: `the ${field}` }
    : { held: others, what: `the field ${field}` };
}

const singular: Record<string, string> = {
  parts: 'the sheet',
  fittings: 'the part',
  leads: 'the lead',
  functions: 'the function',
  acceptances: 'an acceptance',
  ticks: 'a tick',
  stepNotes: 'a note beside a step',
  outings: 'the outing',
  measured: 'a reading',
  channels: 'the setting of a channel',
  log: 'a page of the log',
};

function nameOf(list: string, item: unknown): string {
  const word = singular[list] ?? list;
  if (!isObject(item)) return word;
  const name = [item.name, item.id].find((text) => typeof text === 'string' && text.trim() !== '');
  return typeof name === 'string' ? `${word} "${name.slice(0, 60)}"` : word;
}
