/** A function of one thing that works out each once. */
export function rememberedAlone<A extends object, Value>(work: (of: A) => Value): (of: A) => Value {
  const known = new WeakMap<A, Value>();
  return (of) => {
    const found = known.get(of);
    if (found !== undefined || known.has(of)) return found!;
    const value = work(of);
    known.set(of, value);
    return value;
  };
}

/** A function of two things that works out each pair once: a search asks for the same again and again. */
export function remembered<A extends object, B, Value>(
  work: (first: A, second: B) => Value,
): (first: A, second: B) => Value {
  const rowOf = rememberedAlone((_: A) => new Map<B, Value>());
  // A search holds the one while it goes through the others.
  let last: A | undefined;
  let row = new Map<B, Value>();
  return (first, second) => {
    if (first !== last) row = rowOf((last = first));
    const here = row;
    const found = here.get(second);
    if (found !== undefined || here.has(second)) return found!;
    const value = work(first, second);
    here.set(second, value);
    return value;
  };
}
