import TextField from '@mui/material/TextField';
import { memo } from 'react';
import { buildCost } from '../../core/reading/brief/cost';
import type { Reading } from '../../core/reading/build-reading/reading';
import { nameList } from '../../core/base/words/sentences';
import { useLocker } from '../state/locker-store';
import { useMoney, useSum } from '../state/money-store';
import styles from './Side.module.css';

/** What is still to be bought: whole, by stage against the limit, and by function. */
export const Money = memo(function Money({ context }: { context: Reading }) {
  const { brief } = context.build;
  const items = useLocker((state) => state.items);
  const { currency, setCurrency } = useMoney();
  const sum = useSum();
  const { stages, functions, toBuy, worth, unpriced } = buildCost(context, items);
  if (context.index.pieces().length === 0) return null;
  const now = stages.find(({ stage }) => stage === 1)?.toBuy ?? 0;
  const limit = brief.moneyLimit;
  const nameless = stages.flatMap((cost) => cost.unpriced);
  return (
    <section className={styles.section} aria-label="Money">
      <h2 className={styles.title}>
        Still to buy: <span className="figure">{sum(toBuy)}</span>
        {nameless.length > 0 && ` and ${nameless.length} without a price`}
      </h2>
      <p className={styles.why}>
        All its parts are worth <span className="figure">{sum(worth)}</span>
        {unpriced > 0 && ` and ${unpriced} without a price`}.
      </p>
      {stages.length > 1 &&
        stages.map((cost) => (
          <p key={cost.stage}>
            Stage {cost.stage}: <span className="figure">{sum(cost.toBuy)}</span>
          </p>
        ))}
      {limit !== undefined && (
        <p className={now > limit ? styles.over : undefined}>
          Stage 1 {now > limit ? 'is over' : 'leaves'}{' '}
          <span className="figure">{sum(Math.abs(limit - now))}</span> of{' '}
          <span className="figure">{sum(limit)}</span>
        </p>
      )}
      <ul className={styles.sums}>
        {functions
          .filter((cost) => cost.toBuy > 0)
          .map((cost) => (
            <li key={cost.function ?? ''}>
              {cost.function ?? 'for all of them'}: <span className="figure">{sum(cost.toBuy)}</span>
              {cost.unpriced.length > 0 && ` and ${cost.unpriced.length} without a price`}
            </li>
          ))}
      </ul>
      {nameless.length > 0 && (
        <p className={styles.why}>
          No price yet: {nameList(nameless)}. Note it in the Locker, or mark what you own.
        </p>
      )}
      <TextField
        key={currency}
        size="small"
        label="Prices are in"
        placeholder="€, kr, £ …"
        defaultValue={currency}
        slotProps={{ htmlInput: { maxLength: 6 }, inputLabel: { shrink: true } }}
        sx={{ width: 120 }}
        onBlur={({ target }) => setCurrency(target.value)}
      />
    </section>
  );
});
