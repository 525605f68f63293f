import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { upkeep } from '../../core/bench/log/upkeep';
import { useBuildStore } from '../state/build-store';
import { useCheck } from '../state/use-check';
import styles from './LogStation.module.css';

/** What is to be looked after, by hours run and days gone. */
export function UpkeepList() {
  const { context } = useCheck();
  const apply = useBuildStore((store) => store.apply);
  const [now] = useState(() => Date.now());
  const all = upkeep(context, now);
  if (all.length === 0) return null;
  return (
    <section className={styles.section} aria-label="Upkeep">
      <h2 className={styles.sectionTitle}>Upkeep</h2>
      <ul className={styles.cares}>
        {all.map(({ id, words, why, isDue }) => (
          <li key={id} data-due={isDue}>
            <span>
              {isDue && <strong className={styles.due}>Due </strong>}
              {words} <span className={styles.why}>{why}</span>
            </span>
            <Button
              size="small"
              onClick={() =>
                apply(`looked after: ${words}`, [
                  {
                    type: 'keepEntry',
                    entry: {
                      id: nanoid(10),
                      kind: 'bench',
                      on: new Date().toISOString(),
                      changed: words,
                      readings: [],
                    },
                  },
                ])
              }
            >
              Done today
            </Button>
          </li>
        ))}
      </ul>
      <p className={styles.facts}>Usual spans, rules of thumb; the maker’s sheets go first.</p>
    </section>
  );
}
