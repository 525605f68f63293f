import type { Build } from '../build/build';
import { fileFormat, fileVersion } from './read-file';

/** Fields that come first in every object, in this order; the rest follow by name. */
const first = ['format', 'version', 'build', 'id', 'kind', 'name'];

/** The text of a build file. The same build always gives the same bytes, whatever order its fields were set in. */
export function writeBuildFile(build: Build): string {
  return `${JSON.stringify({ format: fileFormat, version: fileVersion, build }, inOrder, 2)}\n`;
}

function inOrder(_: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value;
  const rank = (key: string) => (first.indexOf(key) + first.length + 1) % (first.length + 1);
  const entries = Object.entries(value).filter(([, held]) => held !== undefined);
  return Object.fromEntries(entries.sort(([a], [b]) => rank(a) - rank(b) || (a < b ? -1 : 1)));
}
