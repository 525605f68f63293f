import { median, rollups } from 'd3-array';
import type { ReadingKind } from '../calibration/reading-kinds';
import type { TakenReading } from '../calibration/calibrate';
import type { Reading } from '../../reading/build-reading/reading';
import type { BenchLine } from './bench-line';

/** Seconds that a figure has to hold to count: shorter peaks are noise, or a plug that rings. */
const holds = 1;
/** Shortest recording whose length is a run time, in seconds. */
const shortestRun = 60;

/**
 * What a recording says of the readings of a model: amps of the pack at their highest and lowest second, volts at a
 * receiver while it rests, and how long it ran. What it has no line of is left out.
 * @param lines in the order of their times
 * @param kinds what can be read on this model
 */
export function recordedReadings(
  { index }: Pick<Reading, 'index'>,
  lines: readonly BenchLine[],
  kinds: readonly ReadingKind[],
): TakenReading[] {
  const packs = new Set(index.ofKind('pack').map(({ fitting }) => fitting.id));
  const amps = ofPacks(lines.filter(({ kind, of }) => kind === 'amps' && packs.has(of)));
  const first = lines[0]?.at ?? 0;
  const seconds = (lines.at(-1)?.at ?? first) - first;
  const said: (TakenReading | undefined)[] = [
    reading('fullAmps', extreme(amps, Math.max)),
    reading('restAmps', extreme(amps, Math.min)),
    reading('runMinutes', seconds >= shortestRun ? seconds / 60 : undefined),
    ...index.ofKind('receiver').map(({ fitting: { id } }) =>
      reading(
        `restVolts:${id}`,
        extreme(
          lines.filter(({ kind, of }) => kind === 'volts' && of === id),
          Math.max,
        ),
      ),
    ),
  ];
  return said.filter((each): each is TakenReading => {
    const kind = each && kinds.find(({ what }) => what === each.what);
    return kind !== undefined && each!.value >= kind.least && each!.value <= kind.most;
  });
}

const reading = (what: string, value: number | undefined): TakenReading | undefined =>
  value === undefined ? undefined : { what, value: Number(value.toPrecision(4)) };

type Sample = Pick<BenchLine, 'at' | 'value'>;

/** Amps of all packs together, moment by moment. */
const ofPacks = (lines: readonly BenchLine[]): Sample[] =>
  rollups(
    lines,
    (at) => at.reduce((sum, { value }) => sum + value, 0),
    ({ at }) => at,
  ).map(([at, value]) => ({ at, value }));

/** The highest, or lowest, that was held for a second: the middle value of each second decides. */
function extreme(samples: readonly Sample[], pick: (...values: number[]) => number): number | undefined {
  const seconds = rollups(
    samples,
    (each) => median(each, ({ value }) => value),
    ({ at }) => Math.floor(at / holds),
  );
  const values = seconds.flatMap(([, value]) => value ?? []);
  return values.length === 0 ? undefined : pick(...values);
}
