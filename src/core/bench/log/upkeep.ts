import type { Reading } from '../../reading/build-reading/reading';
import { isLithium } from '../../model/packs/chemistry';
import type { LogEntry } from '../../model/plan/log-entry';

/** Something to look after, by hours run or by days. */
export interface Upkeep {
  id: string;
  words: string;
  /** What decides it: `6.5 h run since, due every 5 h`. */
  why: string;
  isDue: boolean;
}

interface Care {
  id: string;
  words: string;
  hours?: number;
  days?: number;
}

const dayMilliseconds = 86_400_000;

/** How often each is usual: rules of thumb; the maker's sheet goes first. */
function cares({ index, build }: Reading): Care[] {
  const isAfloat = build.model === 'boat' || build.model === 'yacht';
  return [
    { id: 'range', words: 'Range check, thirty paces, motors running', days: 30 },
    { id: 'joints', words: 'Look at joints and plugs: tug, wiggle, feel for warmth', hours: 5 },
    ...(isAfloat
      ? [{ id: 'water', words: 'Dry the inside, grease the shaft, look for rust at plugs', hours: 3 }]
      : []),
    ...(index.ofKind('motor').some(({ part }) => part.motorKind === 'brushed')
      ? [{ id: 'brushes', words: 'Brushes and bearings of the brushed motors', hours: 10 }]
      : []),
    ...(index.ofKind('pack').some(({ part }) => isLithium(part.chemistry))
      ? [{ id: 'storage', words: 'Lithium packs to storage volts', days: 7 }]
      : []),
  ];
}

/**
 * What is to be looked after, by the hours and days since it last was. Care counts as taken on the day of a bench entry
 * that names it: its `changed` holds the words.
 * @param now milliseconds since 1970
 */
export function upkeep(context: Reading, now: number): Upkeep[] {
  const log = context.build.log ?? [];
  if (log.length === 0) return [];
  return cares(context).map(({ id, words, hours, days }) => {
    const taken = log.filter((entry) => entry.kind === 'bench' && entry.changed?.includes(words)).at(-1);
    const since = log.filter((entry) => entry.kind === 'outing' && (!taken || entry.on > taken.on));
    const run = hoursOf(since);
    const from = taken?.on ?? log[0]!.on;
    const gone = Math.max(0, (now - Date.parse(from)) / dayMilliseconds);
    const isDue = (hours !== undefined && run >= hours) || (days !== undefined && gone >= days);
    const why =
      hours === undefined
        ? `${Math.floor(gone)} days since ${taken ? 'it was done' : 'the log began'}, due after ${days}`
        : `${run.toFixed(1)} h run since ${taken ? 'it was done' : 'the log began'}, due after ${hours} h`;
    return { id, words, why, isDue };
  });
}

/** Hours run in some entries. */
export const hoursOf = (entries: readonly LogEntry[]): number =>
  entries.reduce((sum, { minutes = 0, kind }) => sum + (kind === 'outing' ? minutes : 0), 0) / 60;
