import { randomLcg } from 'd3-random';
import type { BenchTest } from './bench-test';
import type { FaultTable } from './fault-table';
import { nothingWrong } from './part-faults';
import { findFault, voltsSigma, type Evidence, type Finding } from './finder';

/** Most tests that anybody has patience for. */
const mostTests = 40;

/** A search for a fault that was planted. */
export interface RehearsedSearch {
  /** What the person saw as they went through the steps, up to what was not as planned. */
  complaint: Evidence[];
  /** Whether something was seen that is not as planned. */
  isNoticed: boolean;
  asked: { test: BenchTest; answer: string | number; minutes: number; isSafe: boolean }[];
  ranking: Finding['ranking'];
  isFound: boolean;
}

/** Steps that a person goes through, in order: the lamp, the tones, each control. */
const inSteps = ['lamp:', 'tones:', 'stick:'];

/**
 * A fault planted, noticed where it first shows, and looked for until it is found.
 * @param noise share of answers that are wrong, 0 to 1
 * @param seed the same seed gives the same answers
 * A fault that shows nowhere on that way is looked for all the same, after steps that all passed.
 * @throws where the build has no such fault
 */
export function rehearseFault(
  table: FaultTable,
  planted: string,
  noise: number,
  seed: number,
): RehearsedSearch {
  // Neighbouring seeds would start alike.
  const random = randomLcg(((Math.abs(seed) + 3) * 0.754877666) % 1);
  const { tests, faults, shown } = table;
  const plantedFault = faults.find(({ id }) => id === planted);
  if (!plantedFault) throw new Error(`no such fault in this build: ${planted}`);
  const row = shown[faults.indexOf(plantedFault)]!;
  const answer = (test: BenchTest): string | number =>
    answerWith(random, noise, test, row[tests.indexOf(test)]!);
  const complaint = noticed(table, row, random);
  const evidence = [...complaint];
  const asked: RehearsedSearch['asked'] = [];
  let found = findFault(table, evidence);
  while (found.next && asked.length < mostTests) {
    const { next } = found;
    const seen = answer(next);
    const isSafe = !next.isPowered || !found.ranking.some(isLiveHazard);
    asked.push({ test: next, answer: seen, minutes: next.minutes, isSafe });
    evidence.push({ test: next.id, seen });
    found = findFault(table, evidence);
  }
  const sound = shown[faults.findIndex(({ id }) => id === nothingWrong.id)]!;
  const isNoticed = complaint.some(
    ({ test, seen }) => seen !== sound[tests.findIndex(({ id }) => id === test)],
  );
  return { complaint, isNoticed, asked, ranking: found.ranking, isFound: found.isFound };
}

const isLiveHazard = ({ fault, probability }: Finding['ranking'][number]): boolean =>
  fault.isHarmful && probability > 0.01;

/** What is seen on the way through the steps, up to the first thing that is not as planned. */
function noticed(
  { tests, faults, shown }: FaultTable,
  row: readonly (string | number)[],
  random: () => number,
): Evidence[] {
  const sound = shown[faults.findIndex(({ id }) => id === nothingWrong.id)]!;
  const steps = inSteps.flatMap((start) => tests.filter(({ id }) => id.startsWith(start)));
  const seen: Evidence[] = [];
  for (const test of steps) {
    const column = tests.indexOf(test);
    seen.push({ test: test.id, seen: row[column]! });
    if (row[column] !== sound[column]) return seen;
  }
  if (row !== sound) return seen;
  // Nothing is wrong: somebody looked at the wrong moment.
  const at = Math.floor(random() * steps.length);
  const test = steps[at];
  if (!test) return seen;
  const others = test.answers.filter(({ id }) => id !== sound[tests.indexOf(test)]);
  return [...seen.slice(0, at), { test: test.id, seen: others[Math.floor(random() * others.length)]!.id }];
}

function answerWith(
  random: () => number,
  noise: number,
  test: BenchTest,
  right: string | number,
): string | number {
  const isWrong = random() < noise;
  if (typeof right === 'number')
    return isWrong ? random() * 12 : right + voltsSigma(test, right) * normalOf(random);
  if (!isWrong) return right;
  const others = test.answers.filter(({ id }) => id !== right);
  return others[Math.floor(random() * others.length)]!.id;
}

/** A normal number by the sum of twelve even ones. */
const normalOf = (random: () => number): number =>
  Array.from({ length: 12 }, random).reduce((total, each) => total + each, -6);
