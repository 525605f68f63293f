import { readingOf } from '../core/reading/build-reading/reading';
import { candidateFaults } from '../core/bench/faults/candidate-faults';
import { faultTable } from '../core/bench/faults/fault-table';
import { rehearseFault } from '../core/bench/faults/rehearse-fault';
import type { Build } from '../core/model/plan/build';
import { failure, success, type Result } from '../core/base/result';
import type { CommandOutput } from './check-command';

export interface FaultOptions {
  json: boolean;
  /** Id of a fault that is planted and looked for; the list of all faults where not said. */
  plant: string | undefined;
  /** Share of answers that are wrong, 0 to 1. */
  noise: number;
  seed: number;
}

/** The single faults that this build may have; or, with one planted, the search for it. */
export function faultsCommand(build: Build, options: FaultOptions): Result<CommandOutput, string> {
  const { plant, noise, seed, json } = options;
  const context = readingOf(build, []);
  const faults = candidateFaults(context);
  if (plant === undefined)
    return success({
      text: json
        ? asJson({ faults: faults.map(({ id, label, weight }) => ({ id, label, weight })) })
        : faults.map(({ id, label, weight }) => `${weight}\t${id}\t${label}\n`).join(''),
      exitCode: 0,
    });
  if (faults.every(({ id }) => id !== plant))
    return failure(`no fault "${plant}" in this build; hull faults FILE lists those that it may have`);
  const { asked, ranking } = rehearseFault(faultTable(context), plant, noise, seed);
  if (json)
    return success({
      text: asJson({
        asked: asked.map(({ test, answer, minutes }) => ({ test: test.id, answer, minutes })),
        ranking: ranking.map(({ fault, probability }) => ({
          id: fault.id,
          probability: Number(probability.toPrecision(6)),
        })),
      }),
      exitCode: 0,
    });
  const lines = [
    ...asked.map(({ test, answer }, n) => {
      const words = test.answers.find(({ id }) => id === answer)?.words ?? `${Number(answer).toFixed(2)} V`;
      return `${n + 1}. ${test.words} ${words}.`;
    }),
    ...ranking
      .slice(0, 3)
      .map(({ fault, probability }) => `${(100 * probability).toFixed(0)} % ${fault.label}`),
    ranking[0]?.fault.cure ?? '',
  ];
  return success({ text: `${lines.join('\n')}\n`, exitCode: 0 });
}

const asJson = (value: unknown): string => `${JSON.stringify(value, null, 2)}\n`;
