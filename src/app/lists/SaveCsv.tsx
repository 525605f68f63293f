import Button from '@mui/material/Button';
import { unparse } from 'papaparse';
import type { SheetTable } from '../../core/bench/sheet/sheet-table';
import { fileNameOf } from '../../core/base/words/file-name';
import { downloadText } from '../shell/build-files';
import { useBuild } from '../state/shown-build';

/** Saves a table as CSV, one that is long only once it is asked for; a cell that a spreadsheet would take for a formula is escaped. */
export function SaveCsv({ table }: { table: SheetTable | (() => SheetTable) }) {
  const { name } = useBuild();
  const save = () => {
    const { title, heads, rows } = typeof table === 'function' ? table() : table;
    downloadText(
      `${fileNameOf(name)}-${fileNameOf(title)}.csv`,
      unparse({ fields: [...heads], data: rows.map((row) => [...row]) }, { escapeFormulae: true }),
      'text/csv',
    );
  };
  return (
    <Button size="small" onClick={save}>
      Save as CSV
    </Button>
  );
}
