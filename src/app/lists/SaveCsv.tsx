import Button from '@mui/material/Button';
import { unparse } from 'papaparse';
import type { SheetTable } from '../../core/sheet/sheet-table';
import { fileNameOf } from '../../core/words/file-name';
import { downloadText } from '../shell/build-files';
import { useBuild } from '../state/build-store';

/** Saves a table that is on the screen as CSV; a cell that a spreadsheet would take for a formula is escaped. */
export function SaveCsv({ table }: { table: SheetTable }) {
  const { name } = useBuild();
  const { title, heads, rows } = table;
  const save = () =>
    downloadText(
      `${fileNameOf(name)}-${fileNameOf(title)}.csv`,
      unparse({ fields: [...heads], data: rows.map((row) => [...row]) }, { escapeFormulae: true }),
      'text/csv',
    );
  return (
    <Button size="small" onClick={save}>
      Save as CSV
    </Button>
  );
}
