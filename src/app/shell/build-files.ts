import { readText } from './read-text';
import type { Build } from '../../core/plan/build';
import { problemText } from '../../core/file/problem';
import { fileSuffix, readBuildFile } from '../../core/file/read-file';
import { writeBuildFile } from '../../core/file/write-file';
import { addAndOpen } from '../state/open-build';

/** Imports a file as a new build and opens it. @returns what is wrong with it, if it was refused */
export async function importFile(file: File): Promise<string | undefined> {
  const text = await readText(file);
  const read = text.ok ? readBuildFile(text.value) : text;
  if (!read.ok) return problemText(read.problem);
  await addAndOpen(read.value);
  return undefined;
}

/** Hands the build to the browser as a file. */
export function downloadBuild(build: Build): void {
  downloadText(`${build.id}${fileSuffix}`, writeBuildFile(build), 'application/json');
}

/** Hands a text to the browser as a file. */
export function downloadText(name: string, text: string, type: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
