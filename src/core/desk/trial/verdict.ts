import { formatQuantity } from '../../base/quantity/format';
import type { Finding } from '../../judgement/findings/finding';
import { counted, nameList } from '../../base/words/sentences';
import type { ToleranceResult } from './tolerance';
import type { TrialEvent, TrialResult } from './trial-result';

/** What an outing comes to, in one or two plain sentences. */
export interface Verdict {
  words: string;
  /** A guess keeps to what no sheet states, and is no praise. */
  tone: 'good' | 'bad' | 'guess';
}

const grave: readonly TrialEvent['kind'][] = [
  'fuse',
  'brownOut',
  'overBurst',
  'belowFloor',
  'empty',
  'shutDown',
  'tooHot',
  'overLasting',
  'cutOff',
];

/** Seconds before a brown-out in which a regulator at its limit counts as its reason. */
const justBefore = 0.5;

/** What a check says that an outing rests on: with it open, the outing is worked out as if nothing burned. */
export const burning = (findings: readonly Finding[]): Finding[] =>
  findings.filter(({ severity, well, accepted }) => severity === 'stop' && well === 'voltage' && !accepted);

/** A verdict of a build with an open stop of volts: that first, and no praise. */
export function verdictUnder(stops: readonly Finding[], { words, tone }: Verdict): Verdict {
  const [first] = stops;
  if (!first) return { words, tone };
  const more = stops.length === 1 ? '' : ` (and ${counted(stops.length - 1, 'more stop')} of volts)`;
  return { tone: 'bad', words: `${first.text}${more}: put that right first. If nothing burned: ${words}` };
}

/**
 * The gravest thing that happened, how often, and what led to it.
 * @param sure what came of runs with the guesses varied, where there are any: a run that went well by luck is no praise
 */
export function verdictOf(
  { events, figures, missing, unreached, estimates }: TrialResult,
  sure?: Pick<ToleranceResult, 'runs' | 'brownOutShare'>,
): Verdict {
  const asleep = events.find((event) => event.kind === 'neverWakes');
  if (asleep) return { tone: 'bad', words: asleep.words };
  if (!figures.hasWoken)
    return { tone: 'bad', words: 'There is no receiver in the build: nothing wakes, and nothing moves.' };
  for (const kind of grave) {
    const all = events.filter((event) => event.kind === kind);
    const [first] = all;
    if (!first) continue;
    const often = all.length === 1 ? 'once' : `${all.length} times`;
    const when = `${often}, first at ${first.at.toFixed(1)} s`;
    if (kind === 'empty') return { tone: 'bad', words: first.words };
    if (kind !== 'brownOut') return { tone: 'bad', words: `${first.words} It happens ${when}.` };
    return {
      tone: 'bad',
      words: `The ${first.short ?? 'receiver'} browns out ${when}. ${reasonOf(events, first)}`,
    };
  }
  const spare = figures.railMinVolts - figures.floorVolts;
  const silent = missing.length === 0 ? '' : ` Left out, as no sheet states it: ${nameList(missing)}.`;
  const still =
    unreached.length === 0
      ? ''
      : ` No signal reaches ${nameList(unreached.map((name) => `the ${name}`))}: left out.`;
  const presumed = estimates.filter(({ isPresumed }) => isPresumed);
  const guessed =
    presumed.length === 0
      ? ''
      : ` Guessed, as no sheet states it: ${nameList(presumed.map(({ words, value, least, most }) => `${words} about ${formatQuantity(value, 'A')} (${(value * least).toFixed(1)} to ${formatQuantity(value * most, 'A')})`))}.`;
  const dips = sure ? Math.round(sure.brownOutShare * sure.runs) : 0;
  const dipping =
    dips === 0 ? '' : ` It browns out in ${dips} of ${sure!.runs} runs with the estimates varied.`;
  return {
    tone: dips === 0 && [missing, presumed, unreached].every(({ length }) => length === 0) ? 'good' : 'guess',
    words: `The radio stays on, ${spare.toFixed(1)} V to spare.${dipping}${still}${silent}${guessed}`,
  };
}

function reasonOf(events: readonly TrialEvent[], down: TrialEvent): string {
  const shut = events.find(
    (event) => event.kind === 'shutDown' && event.at <= down.at && event.until >= down.at - justBefore,
  );
  if (shut) return shut.words;
  const limits = events.filter(
    (event) => event.kind === 'limit' && event.at <= down.at && event.until >= down.at - justBefore,
  );
  const givers = [...new Set(limits.flatMap((trialEvent) => trialEvent.short ?? []))];
  return givers.length === 0
    ? 'Its own wires and the pack behind them let its volts down.'
    : `Just before, the servos wanted more than there was: ${givers.map((giver) => `the ${giver}`).join(', and ')}, gave all ${givers.length === 1 ? 'it' : 'they'} could.`;
}
