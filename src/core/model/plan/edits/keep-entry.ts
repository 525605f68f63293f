import { defineEdit } from './edit';
import type { LogEntry } from '../log-entry';

/** Writes a page into the log, or writes it anew. */
export interface KeepEntry {
  type: 'keepEntry';
  entry: LogEntry;
}

export const keepEntry = defineEdit<KeepEntry>({
  apply: (build, { entry }) => {
    const others = (build.log ?? []).filter(({ id }) => id !== entry.id);
    build.log = [...others, entry].sort((a, b) => a.on.localeCompare(b.on));
  },
  words: () => 'Write into the log',
});
