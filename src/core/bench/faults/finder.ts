import { sum } from 'd3-array';
import type { BenchTest } from './bench-test';
import type { FaultTable, KnownFault } from './fault-table';

/** What was seen or read: the id of an answer, or volts. */
export interface Evidence {
  test: string;
  seen: string | number;
}

/** How often an answer is right; any of the others is as likely as the next. */
const rightAnswer = 0.97;
const rightTones = 0.94;
/** Error of a reading of volts, 1 σ: so much, and such a share; and how many readings are gross. */
const voltsError = { volts: 0.05, share: 0.02, gross: 0.02 };
/** A test done again is half an answer: what misled once may mislead again. */
const againCounts = 0.5;
/** A fault as likely as this holds back what would burn under it, and keeps the search going. */
const possible = 0.01;
/** So sure is sure enough. */
const sure = 0.9;
/** Bits under which no test is worth its minutes. */
const leastBits = 0.003;
/** Volts that a gross reading may be anywhere in. */
const grossWithin = 30;

/** Where the search stands. */
export interface Finding {
  /** Every fault with its probability, the likeliest first. */
  ranking: { fault: KnownFault; probability: number }[];
  /** What to do next; nothing once one stands, or nothing more can be told apart. */
  next: BenchTest | undefined;
  /** Whether what is left has one cure. */
  isFound: boolean;
}

/** What a search is held to. */
interface SearchRules {
  /** Nothing is tried with the pack in, whatever is likely. */
  isPowerHeld?: boolean;
  /** Tests that cannot be done here. */
  skipped?: readonly string[];
}

/** Where the search stands after what was seen: Bayes over single faults, then the test that tells most in a minute. */
export function findFault(
  table: FaultTable,
  evidence: readonly Evidence[],
  rules: SearchRules = {},
): Finding {
  const probability = posterior(table, evidence);
  const ranking = table.faults
    .map((fault, n) => ({ fault, probability: probability[n]! }))
    .sort((a, b) => b.probability - a.probability);
  const cure = ranking[0]?.fault.cure;
  const isFound =
    ranking.length > 0 &&
    (ranking[0]!.probability >= sure ||
      ranking.every((each) => each.probability < possible || each.fault.cure === cure));
  return { ranking, isFound, next: isFound ? undefined : nextTest(table, evidence, probability, rules) };
}

/** Probability of every fault, in the order of the table. */
export function posterior({ faults, tests, shown }: FaultTable, evidence: readonly Evidence[]): number[] {
  const at = new Map(tests.map((test, n) => [test.id, n]));
  const times = new Map<string, number>();
  const logs = faults.map(({ weight }) => Math.log(weight));
  for (const { test: id, seen } of evidence) {
    const column = at.get(id);
    if (column === undefined) continue;
    const done = times.get(id) ?? 0;
    times.set(id, done + 1);
    const share = done === 0 ? 1 : againCounts;
    for (let n = 0; n < faults.length; n += 1)
      logs[n]! += share * Math.log(likelihood(tests[column]!, shown[n]![column]!, seen));
  }
  const most = Math.max(...logs);
  const plain = logs.map((log) => Math.exp(log - most));
  const total = sum(plain);
  return plain.map((each) => each / total);
}

/** σ of a reading of some volts. */
export const voltsSigma = ({ spread = 0 }: BenchTest, volts: number): number =>
  Math.hypot(voltsError.volts + voltsError.share * Math.abs(volts), spread);

/** How likely an answer is where another, or the same, would be right. */
function likelihood(test: BenchTest, predicted: string | number, seen: string | number): number {
  if (typeof predicted === 'number') {
    const sigma = voltsSigma(test, predicted);
    const z = (Number(seen) - predicted) / sigma;
    const normal = Math.exp((-z * z) / 2) / (sigma * Math.sqrt(2 * Math.PI));
    return (1 - voltsError.gross) * normal + voltsError.gross / grossWithin;
  }
  const right = rightOf(test);
  return seen === predicted ? right : (1 - right) / Math.max(1, test.answers.length - 1);
}

const rightOf = ({ id }: BenchTest): number => (id.startsWith('tones:') ? rightTones : rightAnswer);

/**
 * The test with the most expected bits for its minutes. While something that power would burn is possible, only tests
 * with the pack out are asked.
 */
function nextTest(
  table: FaultTable,
  evidence: readonly Evidence[],
  probability: readonly number[],
  { isPowerHeld = false, skipped = [] }: SearchRules,
): BenchTest | undefined {
  const { tests, faults } = table;
  const holdsPower =
    isPowerHeld || faults.some(({ isHarmful }, n) => isHarmful && probability[n]! > possible);
  const done = new Set(evidence.map(({ test }) => test));
  let best: { test: BenchTest; rate: number } | undefined;
  for (const [column, test] of tests.entries()) {
    if ((test.isPowered && holdsPower) || skipped.includes(test.id)) continue;
    const bits = expectedBits(table, column, probability) * (done.has(test.id) ? againCounts ** 2 : 1);
    const rate = bits / test.minutes;
    if (bits > leastBits && rate > (best?.rate ?? 0)) best = { test, rate };
  }
  return best?.test;
}

/** Bits that an answer is expected to tell of which fault it is. */
function expectedBits({ tests, shown }: FaultTable, column: number, probability: readonly number[]): number {
  const test = tests[column]!;
  const groups = groupsOf(
    test,
    shown.map((row) => row[column]!),
    probability,
  );
  // All faults of a group answer alike: only how the groups' shares are mixed by errors counts.
  const shares = [...groups.values()];
  const count = test.answers.length > 0 ? test.answers.length : shares.length + 1;
  const right = test.answers.length > 0 ? rightOf(test) : 1 - voltsError.gross;
  const wrong = (1 - right) / Math.max(1, count - 1);
  const outcomes = [
    ...shares.map((share) => share * right + (1 - share) * wrong),
    ...Array.from({ length: Math.max(0, count - shares.length) }, () => wrong),
  ];
  const noise = entropy([right, ...Array.from({ length: count - 1 }, () => wrong)]);
  return Math.max(0, entropy(outcomes) - noise);
}

/** Shares of what a test would show; volts that a meter does not tell apart are one. */
function groupsOf(
  test: BenchTest,
  shown: readonly (string | number)[],
  probability: readonly number[],
): Map<string | number, number> {
  const groups = new Map<string | number, number>();
  const add = (key: string | number, n: number) => groups.set(key, (groups.get(key) ?? 0) + probability[n]!);
  if (test.answers.length > 0) {
    for (const [n, key] of shown.entries()) add(key, n);
    return groups;
  }
  const order = [...shown.keys()].sort((a, b) => Number(shown[a]) - Number(shown[b]));
  let key = -Infinity;
  for (const n of order) {
    const volts = Number(shown[n]);
    if (volts - key > 4 * voltsSigma(test, volts)) key = volts;
    add(key, n);
  }
  return groups;
}

const entropy = (shares: readonly number[]): number =>
  -sum(shares, (share) => (share > 0 ? share * Math.log2(share) : 0));
