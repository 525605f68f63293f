/** Numbers and texts that files hold by accident or by malice. */
const oddValues: unknown[] = [
  null,
  true,
  0,
  -1,
  1e308,
  -1e308,
  1e-300,
  0.1 + 0.2,
  2 ** 53,
  '',
  ' ',
  'x'.repeat(5000),
  'a\u0000b',
  'line\nbreak',
  '__proto__',
  'constructor',
  '\u202eright to left',
  '<img src=x onerror=alert(1)>',
  '=1+1',
  [],
  {},
  [[]],
  { value: 'NaN' },
];

/** A picker of whole numbers below a bound, from a seed. */
function numbersFrom(seed: number): (below: number) => number {
  let state = seed >>> 0 || 1;
  return (below) => {
    // Marsaglia's xorshift, 32 bits: enough to wander.
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    state >>>= 0;
    return state % Math.max(below, 1);
  };
}

type Holder = Record<string, unknown>;

/** A copy of some JSON data with a few places spoilt: left out, of another kind, doubled, swapped, far too large. */
export function mutated(data: unknown, seed: number): unknown {
  const below = numbersFrom(seed);
  const copy = JSON.parse(JSON.stringify(data)) as Holder;
  const times = 1 + below(3);
  for (let n = 0; n < times; n += 1) spoil(copy, below);
  return copy;
}

function spoil(root: Holder, below: (most: number) => number): void {
  const places: [Holder, string][] = [];
  const walk = (node: unknown) => {
    if (typeof node !== 'object' || node === null) return;
    for (const key of Object.keys(node)) {
      places.push([node as Holder, key]);
      walk((node as Holder)[key]);
    }
  };
  walk(root);
  const [holder, key] = places[below(places.length)] ?? [root, 'build'];
  const other = places[below(places.length)];
  const value = holder[key];
  switch (below(8)) {
    case 0:
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else delete holder[key];
      return;
    case 1:
      if (Array.isArray(holder)) holder.push(value);
      else holder[`${key}2`] = value;
      return;
    case 2:
      if (typeof value === 'number') holder[key] = value * 10 ** (below(12) - 6);
      else holder[key] = oddValues[below(oddValues.length)];
      return;
    case 3:
      if (typeof value === 'string' && other && typeof other[0][other[1]] === 'string')
        holder[key] = other[0][other[1]];
      return;
    case 4:
      if (typeof value === 'number') holder[key] = -value;
      return;
    case 5:
      holder[key] = JSON.parse(JSON.stringify(other?.[0][other[1]] ?? null)) as unknown;
      return;
    default:
      holder[key] = oddValues[below(oddValues.length)];
  }
}
