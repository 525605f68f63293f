import { readFileSync } from 'node:fs';
import papaparse from 'papaparse';
import { calibrate } from '../core/bench/calibration/calibrate';
import { readingKinds } from '../core/bench/calibration/reading-kinds';
import { readReadingRows } from '../core/bench/calibration/reading-rows';
import { readingOf } from '../core/reading/build-reading/reading';
import type { Build } from '../core/model/plan/build';
import { failure, success, type Result } from '../core/base/result';
import { outingsOf } from '../core/desk/trial/outings';
import { usualTask } from '../core/desk/trial/trial-task';
import type { CommandOutput } from './check-command';

export interface CalibrateOptions {
  json: boolean;
  /** A CSV file with the columns what, value, unit, error. */
  readings: string | undefined;
}

/** What readings on the real model make of a build's estimates. Exit 1 where a reading is explained by none of them. */
export function calibrateCommand(build: Build, options: CalibrateOptions): Result<CommandOutput, string> {
  const context = readingOf(build, []);
  const kinds = readingKinds(context);
  if (options.readings === undefined)
    return failure(
      `say --readings FILE.csv; on this model can be read: ${kinds.map(({ what, unit }) => `${what} (${unit})`).join(', ') || 'nothing'}`,
    );
  let text: string;
  try {
    text = readFileSync(options.readings, 'utf8');
  } catch {
    return failure(`${options.readings}: cannot be opened`);
  }
  const { data } = papaparse.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: true });
  const taken = readReadingRows(data, kinds);
  if (!taken.ok) return failure(`${options.readings}: ${taken.problem}`);
  const [usual] = outingsOf(build);
  const done = calibrate(context, usualTask(usual!), taken.value, new Date(0).toISOString());
  if (!done.ok) return done;
  const { figures, readings } = done.value;
  const unexplained = readings.filter(({ isExplained }) => !isExplained);
  const exitCode = unexplained.length > 0 ? 1 : 0;
  if (options.json)
    return success({
      text: `${JSON.stringify(
        {
          figures: figures.map(({ key, prior, posterior, sigma }) => ({ key, prior, posterior, sigma })),
          unexplained: unexplained.map(({ what, value, before }) => ({ what, value, predicted: before })),
        },
        null,
        2,
      )}\n`,
      exitCode,
    });
  const lines = [
    ...figures.map(
      ({ words, prior, posterior, sigma }) =>
        `${words}: ${prior.toPrecision(3)} -> ${posterior.toPrecision(3)} (${(100 * sigma).toFixed(0)} % either way)`,
    ),
    ...unexplained.map(
      ({ name, value, unit, before }) =>
        `Not explained: ${name} ${value} ${unit}, where the plan says ${before.toPrecision(3)} ${unit}: look for a fault, or read it again.`,
    ),
  ];
  return success({ text: `${lines.join('\n') || 'Nothing had to move.'}\n`, exitCode });
}
