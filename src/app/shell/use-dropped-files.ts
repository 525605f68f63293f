import { useEffect } from 'react';
import { refuse } from '../state/refusal-store';
import { importFile } from './import-export';

/** Takes in build files that are dropped anywhere on the window; what cannot be read is told, the rest comes in. */
export function useDroppedFiles(): void {
  useEffect(() => {
    const onDragOver = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
    };
    const onDrop = (event: DragEvent) => {
      const files = [...(event.dataTransfer?.files ?? [])];
      if (files.length === 0) return;
      event.preventDefault();
      void importAll(files);
    };
    window.addEventListener('dragover', onDragOver);
    window.addEventListener('drop', onDrop);
    return () => {
      window.removeEventListener('dragover', onDragOver);
      window.removeEventListener('drop', onDrop);
    };
  }, []);
}

async function importAll(files: readonly File[]): Promise<void> {
  const refused: string[] = [];
  for (const file of files) {
    const why = await importFile(file);
    if (why !== undefined) refused.push(`${file.name}: ${why}`);
  }
  if (refused.length > 0)
    refuse(
      refused.length === 1 ? 'A file cannot be imported' : `${refused.length} files cannot be imported`,
      refused.join('\n'),
    );
}
