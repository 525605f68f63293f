import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';
import { readInParts, type SheetTable } from '../../core/desk/locker/read-sheet-table';
import type { PartKind } from '../../core/model/kinds/part-spec';

/** What is read of a table so far, and how far it is: 1 when all of it is read. */
interface ReadSoFar extends SheetTable {
  share: number;
}

const nothing: ReadSoFar = { items: [], problems: [], share: 1 };

/**
 * Reads a table of parts a few rows at a time, so that a long one can be watched and left: another table, another meaning
 * of a column, or closing it ends what was going on.
 */
export function useReadTable(
  kind: PartKind,
  headings: readonly string[],
  rows: readonly (readonly string[])[],
  targets: readonly (string | undefined)[],
): ReadSoFar {
  const [read, setRead] = useState<ReadSoFar>(nothing);
  useEffect(() => {
    const parts = readInParts(kind, headings, rows, targets, () => `own-${nanoid(8)}`);
    let timer: ReturnType<typeof setTimeout> | undefined;
    const go = () => {
      const step = parts.next();
      if (step.done) return setRead((last) => ({ ...last, share: 1 }));
      const { items, problems } = step.value;
      const share = rows.length === 0 ? 1 : Math.min(items.length / rows.length, 0.99);
      setRead({ items: [...items], problems: [...problems], share });
      timer = setTimeout(go);
    };
    go();
    return () => clearTimeout(timer);
  }, [kind, headings, rows, targets]);
  return read;
}
