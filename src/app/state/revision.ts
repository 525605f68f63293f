const revisions = new WeakMap<object, number>();
let last = 0;

/** A number for each value a build has had: results are kept under it, so that none is shown for another. */
export function revisionOf(build: object): number {
  const known = revisions.get(build);
  if (known !== undefined) return known;
  last += 1;
  revisions.set(build, last);
  return last;
}
