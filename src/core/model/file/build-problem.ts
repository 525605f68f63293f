import type { ClassConstructor } from 'class-transformer';
import { Build, mostItems } from '../plan/build';
import { ChannelSetting } from '../plan/channel-setting';
import { Fitting } from '../fitting/fitting';
import { Lead } from '../plan/lead';
import { LogEntry } from '../plan/log-entry';
import { Measured } from '../fitting/measured';
import { ModelFunction } from '../plan/model-function';
import { Outing } from '../plan/outing';
import { Acceptance, StepNote, Tick } from '../plan/records';
import { partClasses, partKinds } from '../kinds/part-spec';
import { firstInconsistency } from './consistency';
import { isObject } from '../../base/validation/is-object';
import type { FileProblem } from '../../base/validation/problem';
import { firstProblem } from '../../base/validation/validate';

type ListName = keyof typeof mostItems;

/** What each list of a build holds; the kind of a part says which sheet it is checked against. */
const classOf: Record<ListName, (entry: Record<string, unknown>) => ClassConstructor<object> | undefined> = {
  parts: ({ kind }) => {
    const known = partKinds.find((partKind) => partKind === kind);
    return known && partClasses[known];
  },
  fittings: () => Fitting,
  leads: () => Lead,
  functions: () => ModelFunction,
  acceptances: () => Acceptance,
  ticks: () => Tick,
  stepNotes: () => StepNote,
  outings: () => Outing,
  measured: () => Measured,
  channels: () => ChannelSetting,
  log: () => LogEntry,
};
/** Lists that older builds, and young ones, do not have. */
const mayBeAbsent: ReadonlySet<ListName> = new Set(['stepNotes', 'outings', 'measured', 'channels', 'log']);
const lists = Object.keys(classOf) as ListName[];

/** What was found good once; builds are immutable, so it stays good. */
const known = new WeakSet<object>();

/**
 * The first thing wrong with plain data as a build: shape, then references. A build that was changed is looked at
 * only where it differs from what was found good before.
 */
export function buildProblem(data: Record<string, unknown>): FileProblem | undefined {
  const problem = listProblem(data) ?? shellProblem(data);
  if (problem) return problem;
  // The plain data has just been checked field by field, so it is a Build in shape.
  return firstInconsistency(data as unknown as Build);
}

function listProblem(data: Record<string, unknown>): FileProblem | undefined {
  for (const name of lists) {
    const list = data[name];
    if (!Array.isArray(list)) {
      if (list === undefined && mayBeAbsent.has(name)) continue;
      return { where: `build.${name}`, why: 'must be a list' };
    }
    if (list.length > mostItems[name])
      return { where: `build.${name}`, why: `holds more than ${mostItems[name]} items` };
    for (const [n, item] of list.entries()) {
      const problem = itemProblem(name, item, `build.${name}[${n}]`);
      if (problem) return problem;
    }
  }
  return undefined;
}

function itemProblem(list: ListName, item: unknown, path: string): FileProblem | undefined {
  if (!isObject(item)) return { where: path, why: 'must be an object' };
  if (known.has(item)) return undefined;
  const type = classOf[list](item);
  if (!type) return { where: `${path}.kind`, why: `must be one of ${partKinds.join(', ')}` };
  const problem = firstProblem(type, item, path);
  if (!problem) known.add(item);
  return problem;
}

/** Everything but the lists. */
function shellProblem(data: Record<string, unknown>): FileProblem | undefined {
  const emptied = Object.fromEntries(lists.filter((name) => name in data).map((name) => [name, []]));
  return firstProblem(Build, { ...data, ...emptied }, 'build');
}
