import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import TextField from '@mui/material/TextField';
import { parse } from 'papaparse';
import { useMemo, useState } from 'react';
import { kinds } from '../../core/model/kinds';
import { columnTargets, matchColumns } from '../../core/desk/locker/read-sheet-table';
import type { PartKind } from '../../core/model/kinds/part-spec';
import { ChainSelect } from '../brief/ChainSelect';
import { readText } from '../shell/read-text';
import { useLocker } from '../state/locker-store';
import { FileButton } from '../shell/FileButton';
import { useReadTable } from './use-read-table';
import styles from './SheetGrid.module.css';

/** Cells that cannot be read and are shown; the others are counted. */
const mostShown = 12;

const leftOut = 'leave it out';

interface Table {
  headings: string[];
  rows: string[][];
}

/** Brings in a table of parts, from a file or pasted: which column is which, and what cannot be read, before it is kept. */
export function TableImport({ kind, onClose }: { kind: PartKind; onClose: () => void }) {
  const saveAll = useLocker((state) => state.saveAll);
  const [text, setText] = useState('');
  const [refused, setRefused] = useState<string>();
  const [changed, setChanged] = useState<ReadonlyMap<number, string | undefined>>(new Map());
  const { headings, rows } = useMemo(() => tableOf(text), [text]);
  const targets = useMemo(() => columnTargets(kind, headings), [kind, headings]);
  const chosen = useMemo(
    () => matchColumns(headings, targets).map((target, n) => (changed.has(n) ? changed.get(n) : target)),
    [headings, targets, changed],
  );
  const read = useReadTable(kind, headings, rows, chosen);
  const take = async (file: File) => {
    if (!file) return;
    const got = await readText(file);
    setRefused(got.ok ? undefined : `${file.name} ${got.problem.why}`);
    setChanged(new Map());
    if (got.ok) setText(got.value);
  };
  const keep = async () => {
    await saveAll(read.items);
    onClose();
  };
  const words = kinds[kind].words.many.toLowerCase();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="table-title">
      <DialogTitle id="table-title">Bring in {words} from a table</DialogTitle>
      <DialogContent>
        <p>
          The first row names the columns; figures may be in any unit that the field knows. Parts come in
          beside those that are there.
        </p>
        <FileButton label="Table file" accept=".csv,.tsv,.txt,text/csv" onTake={(file) => void take(file)}>
          Choose a file…
        </FileButton>
        {refused && <p role="alert">{refused}</p>}
        <TextField
          fullWidth
          multiline
          margin="dense"
          minRows={3}
          maxRows={6}
          size="small"
          label="Or paste it here"
          value={text}
          onChange={({ target }) => {
            setText(target.value);
            setChanged(new Map());
          }}
        />
        {headings.length > 0 && (
          <table className={styles.matching}>
            <caption className="visually-hidden">Meaning of each column</caption>
            <thead>
              <tr>
                <th scope="col">Column</th>
                <th scope="col">In the first row</th>
                <th scope="col">Stands for</th>
              </tr>
            </thead>
            <tbody>
              {headings.map((name, n) => (
                <tr key={`${n} ${name}`}>
                  <th scope="row">{name || `column ${n + 1}`}</th>
                  <td>{rows[0]?.[n] ?? ''}</td>
                  <td>
                    <ChainSelect
                      label={`Column ${name || n + 1} stands for`}
                      value={chosen[n] ?? leftOut}
                      options={[leftOut, ...targets].map((target) => ({ value: target, text: target }))}
                      onChoose={(target) =>
                        setChanged(new Map(changed).set(n, target === leftOut ? undefined : target))
                      }
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
        {read.problems.length > 0 && (
          <>
            <p role="status">
              {read.problems.length} {read.problems.length === 1 ? 'cell' : 'cells'} cannot be read. What
              stands there is kept as a remark on its part; correct the table above, or go on.
            </p>
            <ul>
              {read.problems.slice(0, mostShown).map(({ row, column, text: cell, why }) => (
                <li key={`${row} ${column}`}>
                  Row {row}, {column}
                  {cell && `, “${cell}”`}: {why}
                </li>
              ))}
            </ul>
            {read.problems.length > mostShown && <p>and {read.problems.length - mostShown} more</p>}
          </>
        )}
      </DialogContent>
      {read.share < 1 && (
        <div role="status">
          <LinearProgress variant="determinate" value={100 * read.share} aria-label="Reading the table" />
          Reading row {read.items.length} of {rows.length}
        </div>
      )}
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={read.items.length === 0 || read.share < 1}
          onClick={() => void keep()}
        >
          Bring in {read.items.length} {read.items.length === 1 ? kinds[kind].words.one : words}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** The headings and rows of a text with commas, semicolons or tabs between its cells. */
function tableOf(text: string): Table {
  if (text.trim() === '') return { headings: [], rows: [] };
  const [headings = [], ...rows] = parse<string[]>(text, { skipEmptyLines: 'greedy' }).data;
  return { headings: headings.map((cell) => cell.trim()), rows };
}
