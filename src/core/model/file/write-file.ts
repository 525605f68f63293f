import type { Build } from '../plan/build';
import { canonicalText } from '../../base/canonical';
import { fileFormat } from './read-file';
import { fileVersion } from './ladder';

/** The text of a build file. The same build always gives the same bytes. */
export function writeBuildFile(build: Build): string {
  return `${canonicalText({ format: fileFormat, version: fileVersion, build }, 2)}\n`;
}
