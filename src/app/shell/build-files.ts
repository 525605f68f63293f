import { fileNameOf } from '../../core/base/words/file-name';
import { fileSuffix } from '../../core/model/file/read-file';
import { writeBuildFile } from '../../core/model/file/write-file';
import type { Build } from '../../core/model/plan/build';

/** Hands the build to the browser as a file. */
export function downloadBuild(build: Build): void {
  downloadText(`${fileNameOf(build.name)}${fileSuffix}`, writeBuildFile(build), 'application/json');
}

/** Whether the system can pass a file on to another application or person. */
export const canShareFiles = (): boolean =>
  typeof navigator.canShare === 'function' && navigator.canShare({ files: [fileOf('build', '{}')] });

/** Passes the build on by the system's own share sheet. */
export async function shareBuild(build: Build): Promise<void> {
  try {
    await navigator.share({
      title: build.name,
      files: [fileOf(fileNameOf(build.name), writeBuildFile(build))],
    });
  } catch (error) {
    // Whoever closes the share sheet has changed their mind; that is no failure.
    if (!(error instanceof DOMException && error.name === 'AbortError')) throw error;
  }
}

const fileOf = (name: string, text: string): File =>
  new File([text], `${name}${fileSuffix}`, { type: 'application/json' });

/** Hands a text to the browser as a file. */
export const downloadText = (name: string, text: string, type: string): void =>
  downloadBlob(name, new Blob([text], { type }));

/** Hands anything to the browser as a file. */
export function downloadBlob(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  URL.revokeObjectURL(url);
}
