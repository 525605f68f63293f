import type { Build } from '../build/build';
import { canonicalText } from '../canonical';
import { fileFormat, fileVersion } from './read-file';

/** The text of a build file. The same build always gives the same bytes. */
export function writeBuildFile(build: Build): string {
  return `${canonicalText({ format: fileFormat, version: fileVersion, build }, 2)}\n`;
}
