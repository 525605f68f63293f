import Button from '@mui/material/Button';
import type { FaultTable } from '../../core/bench/faults/fault-table';
import type { Evidence } from '../../core/bench/faults/finder';
import { formatQuantity } from '../../core/base/quantity/format';
import styles from './FaultFinder.module.css';

interface SeenSoFarProps {
  table: FaultTable;
  evidence: readonly Evidence[];
  onTakeBack: () => void;
}

/** What was seen and read so far; the last of it can be taken back. */
export function SeenSoFar({ table, evidence, onTakeBack }: SeenSoFarProps) {
  return (
    <section className={styles.seen} aria-label="Seen so far">
      <h3 className={styles.causesTitle}>Seen so far</h3>
      <ol className={styles.seenList}>
        {evidence.map(({ test: id, seen }, n) => {
          const test = table.tests.find((each) => each.id === id);
          const answer =
            typeof seen === 'number'
              ? formatQuantity(seen, 'V')
              : test?.answers.find((each) => each.id === seen)?.words;
          return (
            <li key={n}>
              {test?.words} <strong>{answer}</strong>
            </li>
          );
        })}
      </ol>
      <Button size="small" onClick={onTakeBack}>
        Take the last one back
      </Button>
    </section>
  );
}
