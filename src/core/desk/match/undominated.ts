import { isNoWorse } from './objectives';

/** Things of which none is worse than another in everything, each with its numbers: the smaller the better. */
export class Undominated<Thing extends { all: readonly number[] }> {
  readonly things: Thing[] = [];

  /**
   * Whether one that is here is no worse in everything. The one that was so last is asked first: what comes next is
   * often beaten by the same.
   */
  beats(all: readonly number[]): boolean {
    const { things } = this;
    for (let n = 0; n < things.length; n += 1) {
      const thing = things[n]!;
      if (!isNoWorse(thing.all, all)) continue;
      things[n] = things[0]!;
      things[0] = thing;
      return true;
    }
    return false;
  }

  /** Takes one in that nothing here beats. @returns how many fell out for it */
  take(taken: Thing): number {
    const { things } = this;
    let kept = 0;
    for (const thing of things) if (!isNoWorse(taken.all, thing.all)) things[kept++] = thing;
    const fallen = things.length - kept;
    things.length = kept;
    things.push(taken);
    return fallen;
  }
}
