import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import { unparse } from 'papaparse';
import { Link } from 'react-router';
import type { BenchList, ListLine } from '../../core/desk/lists/bench-list';
import { benchLists, scheduleTable } from '../../core/desk/lists/schedule';
import { fileNameOf } from '../../core/base/words/file-name';
import { downloadText } from '../shell/build-files';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { useMoney } from '../state/money-store';
import { usePlugName } from '../state/settings-store';
import { useCheck } from '../state/use-check';
import styles from './ListsView.module.css';

/** Leads, joints and what is to be bought: to tick off, to save, to print. */
export function ListsView() {
  const build = useBuild();
  const { context } = useCheck();
  const items = useLocker((state) => state.items);
  const currency = useMoney((state) => state.currency);
  const lists = benchLists(context, items, usePlugName());
  const csv = (of: readonly BenchList[]) => unparse(scheduleTable(of), { escapeFormulae: true });
  return (
    <div className={styles.lists}>
      <div className={styles.tools}>
        <Button
          variant="contained"
          onClick={() => downloadText(`${fileNameOf(build.name)}-lists.csv`, csv(lists), 'text/csv')}
        >
          Save all as CSV
        </Button>
        <Button component={Link} to="/sheet">
          Print with the wiring sheet
        </Button>
      </div>
      {lists.map((list) => (
        <List
          key={list.id}
          list={list}
          currency={currency}
          onSave={() => downloadText(`${fileNameOf(build.name)}-${list.id}.csv`, csv([list]), 'text/csv')}
        />
      ))}
    </div>
  );
}

interface ListProps {
  list: BenchList;
  currency: string;
  onSave: () => void;
}

function List({ list, currency, onSave }: ListProps) {
  const { ticks } = useBuild();
  const done = new Set(ticks.map(({ step }) => step));
  const left = list.lines.filter(({ key }) => !done.has(key)).length;
  return (
    <section className={styles.list} aria-label={list.title}>
      <div className={styles.head}>
        <h2 className={styles.title}>
          {list.title}{' '}
          <span className={styles.left}>
            {list.lines.length === 0
              ? 'nothing'
              : left === 0
                ? 'all done'
                : `${left} of ${list.lines.length} left`}
          </span>
        </h2>
        {list.lines.length > 0 && (
          <Button size="small" onClick={onSave}>
            CSV
          </Button>
        )}
      </div>
      {list.lines.length > 0 && (
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">
                <span className="visually-hidden">Done</span>
              </th>
              {list.heads.map((head) => (
                <th key={head} scope="col">
                  {head}
                  {head === 'Price' && currency && `, ${currency}`}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {list.lines.map((line) => (
              <Line key={line.key} line={line} isDone={done.has(line.key)} />
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function Line({ line, isDone }: { line: ListLine; isDone: boolean }) {
  const apply = useBuildStore((state) => state.apply);
  const words = line.cells.slice(0, 2).join(', ');
  const toggle = () =>
    apply(isDone ? `untick ${words}` : `tick ${words}`, [
      isDone
        ? { type: 'untick', step: line.key }
        : {
            type: 'tick',
            tick: { step: line.key, said: line.cells.join(' ').slice(0, 1000), on: new Date().toISOString() },
          },
    ]);
  return (
    <tr data-done={isDone}>
      <td>
        <Checkbox
          size="small"
          checked={isDone}
          slotProps={{ input: { 'aria-label': words } }}
          onChange={toggle}
        />
      </td>
      {line.cells.map((cell, n) => (
        // Cells have no name but their place.
        <td key={n}>{cell}</td>
      ))}
    </tr>
  );
}
