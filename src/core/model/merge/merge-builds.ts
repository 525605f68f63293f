import type { Build } from '../plan/build';
import type { LogEntry } from '../plan/log-entry';
import type { Outing } from '../plan/outing';
import type { StepNote } from '../plan/records';
import type { Clash } from './clash';
import { mergeFields, mergeList } from './merge-values';
import { renameAdded } from './rename-added';
import { settle } from './settle';

/** A build that holds the changes of two windows, and what they changed in two ways. */
export interface Merged {
  build: Build;
  clashes: Clash[];
}

/**
 * The changes of two windows to one build, put together. Different fields and different things come together; of one
 * field that both changed, mine stays and the clash is told; nothing that one side changed goes because the other took
 * it out. Where only one side changed, the result is that side's very value.
 * @param base what both began from
 */
export function mergeBuilds(base: Build, mine: Build, theirs: Build): Merged {
  if (mine === base || mine === theirs) return { build: theirs, clashes: [] };
  if (theirs === base) return { build: mine, clashes: [] };
  const clashes: Clash[] = [];
  const own = renameAdded(base, mine, theirs);
  const list = <T extends object>(
    of: (build: Build) => readonly T[],
    keyOf: (item: NoInfer<T>) => string,
    wordOf: (item: NoInfer<T>) => string,
  ): T[] => mergeList({ base: of(base), mine: of(own), theirs: of(theirs) }, keyOf, wordOf, clashes);
  const id = (entry: { id: string }) => entry.id;
  const named = (kind: string) => (entry: { name: string }) => `the ${kind} "${entry.name}"`;
  const outings = list<Outing>((build) => build.outings ?? [], id, named('outing'));
  const measured = list(
    (candidate) => candidate.measured ?? [],
    (each) => each.estimate,
    (each) => `the reading "${each.said}"`,
  );
  const log = list<LogEntry>(
    (candidate) => candidate.log ?? [],
    id,
    (entry) => `the page of the log of ${entry.on.slice(0, 10)}`,
  );
  const stepNotes = list<StepNote>(
    (candidate) => candidate.stepNotes ?? [],
    ({ step }) => step,
    ({ text }) => `the note "${text.slice(0, 40)}" beside a step`,
  );
  const channels = list(
    (candidate) => candidate.channels ?? [],
    ({ channel, transmitter = '' }) => `${channel} ${transmitter}`,
    ({ channel }) => `channel ${channel} of the radio`,
  );
  const build: Build = {
    ...mergeFields(shellOf(base), shellOf(own), shellOf(theirs), 'the build', clashes),
    brief: mergeFields(base.brief, own.brief, theirs.brief, 'the Brief', clashes),
    policies: mergeFields(base.policies, own.policies, theirs.policies, 'the bench', clashes),
    parts: list((candidate) => candidate.parts, id, named('sheet of')),
    fittings: list((candidate) => candidate.fittings, id, named('part')),
    leads: list(
      (candidate) => candidate.leads,
      id,
      (lead) => `the lead "${lead.id}"`,
    ),
    functions: list((candidate) => candidate.functions, id, named('function')),
    acceptances: list(
      (candidate) => candidate.acceptances,
      (acceptance) => acceptance.finding,
      () => 'what you live with',
    ),
    ticks: list(
      (candidate) => candidate.ticks,
      (tick) => tick.step,
      (tick) => `the step "${tick.said.slice(0, 40)}"`,
    ),
    ...(outings.length > 0 && { outings }),
    ...(measured.length > 0 && { measured }),
    ...(channels.length > 0 && { channels }),
    ...(log.length > 0 && { log }),
    ...(stepNotes.length > 0 && { stepNotes }),
  };
  return { build: settle(build, [...own.parts, ...theirs.parts, ...base.parts], clashes), clashes };
}

/** What a build is called, the order of its picture, and the inside of its model: each is told as one. */
const shellOf = ({
  id,
  name,
  model,
  inside,
  pictureOrder,
}: Build): Pick<Build, 'id' | 'name' | 'model' | 'inside' | 'pictureOrder'> => ({
  id,
  name,
  model,
  ...(inside && { inside }),
  ...(pictureOrder && { pictureOrder }),
});
