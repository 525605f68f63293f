/** Fields that come first in every object, in this order; the rest follow by name. */
const first = ['format', 'version', 'build', 'id', 'kind', 'name'];

/** JSON text in which equal data is equal text, whatever order its fields were set in. */
export function canonicalText(data: unknown, indent?: number): string {
  return JSON.stringify(data, inOrder, indent);
}

function inOrder(_: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  const rank = (key: string) => (first.indexOf(key) + first.length + 1) % (first.length + 1);
  const entries = Object.entries(value).filter(([, held]) => held !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => rank(a) - rank(b) || (a < b ? -1 : 1)));
}
