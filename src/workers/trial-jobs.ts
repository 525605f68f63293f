import 'reflect-metadata/lite';
import { proxy } from 'comlink';
import type { Build } from '../core/model/plan/build';
import { readingOf } from '../core/reading/build-reading/reading';
import { calibrate, type Calibration, type TakenReading } from '../core/bench/calibration/calibrate';
import { ReadingsForetold } from '../core/bench/calibration/predict-readings';
import { readingKinds } from '../core/bench/calibration/reading-kinds';
import type { LockerItem } from '../core/model/kinds/locker-item';
import { matchBuild, type MatchResult, type MatchTask } from '../core/desk/match/match-build';
import { choicePoint, type ChoicePoint, type ChoiceTry } from '../core/desk/trial/choice-bench';
import { firstToGive, type GiveWay, type Push } from '../core/desk/trial/first-to-give';
import { runTrial, type TrialTrouble } from '../core/desk/trial/run-trial';
import { toleranceSample, type ToleranceSample } from '../core/desk/trial/tolerance';
import type { EstimatedFigure } from '../core/model/kinds/estimates';
import type { TrialResult } from '../core/desk/trial/trial-result';
import type { TrialTask } from '../core/desk/trial/trial-task';
import type { Result } from '../core/base/result';

/** What a worker of the Trial station does; plain functions, so that they can be tested without one. */
export const trialJobs = {
  run(build: Build, task: TrialTask): Result<TrialResult, TrialTrouble> {
    return runTrial(readingOf(build, []), task);
  },

  /** Takes a share in many runs with estimates varied: told once what they are, it is asked for some at a time. */
  tolerance(build: Build, task: TrialTask, estimates: readonly EstimatedFigure[], seed: number) {
    const context = readingOf(build, []);
    return proxy({
      /** The runs with the numbers from `from` on; those that could not be followed are left out. */
      samples: (from: number, count: number): ToleranceSample[] =>
        Array.from({ length: count }, (_, n) =>
          toleranceSample(context, task, estimates, seed, from + n),
        ).filter((candidate) => candidate !== undefined),
    });
  },

  choice(build: Build, task: TrialTask, choiceTry: ChoiceTry): ChoicePoint | undefined {
    return choicePoint(build, task, choiceTry);
  },

  /** @param onProgress is told the share that is done, now and then */
  match(
    build: Build,
    items: readonly LockerItem[],
    task: MatchTask,
    onProgress: (share: number) => void,
  ): MatchResult {
    // Nobody says no from outside while a worker counts: it is ended where it is called off.
    return matchBuild(build, items, task, {
      onProgress: (share) => {
        onProgress(share);
        return true;
      },
    })!;
  },

  calibrate(
    build: Build,
    task: TrialTask,
    readings: readonly TakenReading[],
    on: string,
  ): Result<Calibration, string> {
    return calibrate(readingOf(build, []), task, readings, on);
  },

  /** What a build says that would be read, by `what`, where it says it. */
  foretell(build: Build, task: TrialTask, whats: readonly string[]): Map<string, number> {
    const context = readingOf(build, []);
    const kinds = readingKinds(context).filter(({ what }) => whats.includes(what));
    const foretold = new ReadingsForetold(context, task, kinds);
    return new Map(foretold.places.flatMap((place) => [...foretold.at(place, new Map()).values]));
  },

  gives(build: Build, task: TrialTask, push: Push): GiveWay {
    return firstToGive(build, task, push);
  },
};

export type TrialJobs = typeof trialJobs;
