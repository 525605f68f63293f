/** A function of one thing that works out each once. */
export function rememberedAlone<A extends object, Value>(work: (of: A) => Value): (of: A) => Value {
  const of = remembered((thing: A, _: undefined) => work(thing));
  return (thing) => of(thing, undefined);
}

/** A function of two things that works out each pair once: a search asks for the same again and again. */
export function remembered<A extends object, B, Value>(
  work: (first: A, second: B) => Value,
): (first: A, second: B) => Value {
  const known = new WeakMap<A, Map<B, Value>>();
  return (first, second) => {
    let row = known.get(first);
    if (!row) {
      row = new Map<B, Value>();
      known.set(first, row);
    }
    if (row.has(second)) return row.get(second)!;
    const value = work(first, second);
    row.set(second, value);
    return value;
  };
}
