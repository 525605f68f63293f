import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import type { Build } from '../core/model/plan/build';
import { checkBuild } from '../core/judgement/check/check-build';
import { problemText } from '../core/base/validation/problem';
import { readBuildFile } from '../core/model/file/read-file';
import { failure, success, type Result } from '../core/base/result';
import { markdownSheet } from '../core/bench/sheet/markdown-sheet';
import { starterLocker } from '../core/model/starter/starter-locker';
import { checkCommand, type CommandOutput } from './check-command';
import { calibrateCommand, type CalibrateOptions } from './calibrate-command';
import { faultsCommand, type FaultOptions } from './faults-command';
import { netlistCommand } from './netlist-command';
import { networkCommand } from './network-command';
import { matchCommand, type MatchOptions } from './match-command';
import { partCommand } from './part-command';
import { placeCommand } from './place-command';
import { scheduleCommand } from './schedule-command';
import { trialCommand, type TrialOptions } from './trial-command';

interface Options extends TrialOptions, MatchOptions, FaultOptions, CalibrateOptions {
  apply: string | undefined;
}

/** What a verb makes of a file's text; a problem is one line that says where and why. */
type Verb = (text: string, options: Options) => Result<CommandOutput, string>;

const plain = (text: string): CommandOutput => ({ text, exitCode: 0 });

/** A verb for build files. */
const onBuild =
  (run: (build: Build, options: Options) => Result<CommandOutput, string>): Verb =>
  (text, options) => {
    const read = readBuildFile(text);
    return read.ok ? run(read.value, options) : failure(problemText(read.problem));
  };

const verbs: Record<string, Verb> = {
  check: onBuild(checkCommand),
  sheet: onBuild((build) => success(plain(markdownSheet(checkBuild(build, starterLocker))))),
  schedule: onBuild((build) => success(plain(scheduleCommand(build)))),
  place: onBuild((build) => success(placeCommand(build))),
  trial: onBuild(trialCommand),
  match: onBuild(matchCommand),
  faults: onBuild(faultsCommand),
  calibrate: onBuild(calibrateCommand),
  netlist: onBuild((build) => {
    const done = netlistCommand(build);
    return done.ok ? success(plain(done.value)) : done;
  }),
  network: (text) => {
    const done = networkCommand(text);
    return done.ok ? success(plain(done.value)) : done;
  },
};

const usage =
  'usage: hull check FILE [--json] [--apply PATCHID] | hull sheet FILE | hull schedule FILE | hull place FILE | hull network FILE [--json] | hull netlist FILE | hull trial FILE [--outing NAME] [--runs N] [--seed S] [--json] | hull match FILE [--open ID,ID] [--most N] [--money M] [--minutes N] [--json] | hull faults FILE [--plant ID] [--noise P] [--seed N] [--json] | hull calibrate FILE --readings FILE.csv [--json] | hull part "LABEL" [--json]';

/** Largest file that is looked at. */
const mostBytes = 50 * 2 ** 20;

/** Most runs that are worth waiting for. */
const mostRuns = 10_000;

/** Most offers that anybody reads. */
const mostOffers = 100;

/** Exit code for input that cannot be used; one line says where and why. */
const unusable = 2;

/** What a run of the command line answers: text for its output, or one line on what is wrong. */
interface Answer {
  exitCode: number;
  out: string;
  problem: string | undefined;
}

/** Runs a verb on a file. @param args as they were typed after the name of the command */
export function hull(args: string[]): Answer {
  let parsed;
  try {
    parsed = parseArgs({
      args,
      allowPositionals: true,
      options: {
        json: { type: 'boolean', default: false },
        apply: { type: 'string' },
        outing: { type: 'string' },
        runs: { type: 'string', default: '0' },
        seed: { type: 'string', default: '1' },
        open: { type: 'string' },
        most: { type: 'string', default: '8' },
        money: { type: 'string' },
        minutes: { type: 'string' },
        plant: { type: 'string' },
        readings: { type: 'string' },
        noise: { type: 'string', default: '0' },
      },
    });
  } catch (error) {
    return refuse(`${error instanceof Error ? error.message : 'bad arguments'}; ${usage}`);
  }
  const [name, file, ...rest] = parsed.positionals;
  if (file === undefined || rest.length > 0) return refuse(usage);
  // A label is what it says, and no file.
  if (name === 'part') return answerOf(partCommand(file, parsed.values), '');
  const verb = name !== undefined && Object.hasOwn(verbs, name) ? verbs[name] : undefined;
  if (!verb) return refuse(usage);
  let bytes: Buffer;
  try {
    bytes = readFileSync(file);
  } catch {
    return refuse(`${file}: cannot be opened`);
  }
  if (bytes.length > mostBytes) return refuse(`${file}: is larger than ${mostBytes / 2 ** 20} MB`);
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return refuse(`${file}: is not UTF-8 text`);
  }
  const { json, apply, outing, open, plant, readings } = parsed.values;
  const [runs, seed] = [numberOf(parsed.values.runs), numberOf(parsed.values.seed)];
  if (!Number.isInteger(runs) || runs < 0 || runs > mostRuns || !Number.isInteger(seed))
    return refuse(`--runs must be a whole number from 0 to ${mostRuns}, --seed a whole number`);
  const most = numberOf(parsed.values.most);
  const [money, minutes] = [parsed.values.money, parsed.values.minutes].map((typed) =>
    typed === undefined ? undefined : numberOf(typed),
  );
  if (!Number.isInteger(most) || most < 1 || most > mostOffers)
    return refuse(`--most must be a whole number from 1 to ${mostOffers}`);
  if (![money, minutes].every((value) => value === undefined || (Number.isFinite(value) && value >= 0)))
    return refuse('--money and --minutes must be numbers, 0 or more');
  const noise = numberOf(parsed.values.noise);
  if (!(noise >= 0 && noise <= 1)) return refuse('--noise must be a share from 0 to 1');
  const done = verb(text, {
    json,
    apply,
    outing,
    runs,
    seed,
    open,
    most,
    money,
    minutes,
    plant,
    noise,
    readings,
  });
  return answerOf(done, `${file}: `);
}

const answerOf = (done: Result<CommandOutput, string>, where: string): Answer =>
  done.ok
    ? { exitCode: done.value.exitCode, out: done.value.text, problem: undefined }
    : refuse(`${where}${done.problem}`);

const refuse = (line: string): Answer => ({
  exitCode: unusable,
  out: '',
  problem: line.replaceAll('\n', ' '),
});

/** A number as it was typed: nothing at all is none. */
const numberOf = (typed: string): number => (typed.trim() === '' ? NaN : Number(typed));
