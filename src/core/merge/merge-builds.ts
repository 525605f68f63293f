import type { Build } from '../plan/build';
import type { Outing } from '../plan/outing';
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
    keyOf: (one: NoInfer<T>) => string,
    wordOf: (one: NoInfer<T>) => string,
  ): T[] => mergeList({ base: of(base), mine: of(own), theirs: of(theirs) }, keyOf, wordOf, clashes);
  const id = (one: { id: string }) => one.id;
  const named = (kind: string) => (one: { name: string }) => `the ${kind} "${one.name}"`;
  const outings = list<Outing>((build) => build.outings ?? [], id, named('outing'));
  const build: Build = {
    ...mergeFields(shellOf(base), shellOf(own), shellOf(theirs), 'the build', clashes),
    brief: mergeFields(base.brief, own.brief, theirs.brief, 'the Brief', clashes),
    policies: mergeFields(base.policies, own.policies, theirs.policies, 'the bench', clashes),
    parts: list((one) => one.parts, id, named('sheet of')),
    fittings: list((one) => one.fittings, id, named('part')),
    leads: list(
      (one) => one.leads,
      id,
      (one) => `the lead "${one.id}"`,
    ),
    functions: list((one) => one.functions, id, named('function')),
    acceptances: list(
      (one) => one.acceptances,
      (one) => one.finding,
      () => 'what you live with',
    ),
    ticks: list(
      (one) => one.ticks,
      (one) => one.step,
      (one) => `the step "${one.said.slice(0, 40)}"`,
    ),
    ...(outings.length > 0 && { outings }),
  };
  return { build: settle(build, [...own.parts, ...theirs.parts, ...base.parts], clashes), clashes };
}

/** What a build is called. */
const shellOf = ({ id, name, model }: Build) => ({ id, name, model });
