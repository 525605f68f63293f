import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { terminalsOf } from '../../core/model/kinds';
import type { LiveBench } from '../../core/bench/rehearsal/live-bench';
import { useCheck } from '../state/use-check';
import styles from './Rehearsal.module.css';

/** A meter with its two probes on any contacts that carry power. */
export function MeterProbe({ bench }: { bench: LiveBench }) {
  const { context } = useCheck();
  const contacts = context.index.all().flatMap(({ fitting, part }) => {
    const { consumes, gives } = terminalsOf(part);
    return [...consumes.slice(0, 1), ...(gives ? [gives] : [])].flatMap((terminal, n) =>
      (['plus', 'minus'] as const).map((pole) => ({
        id: `${fitting.id} ${terminal[pole]}`,
        fitting: fitting.id,
        net: terminal[pole],
        words: `${pole} of the ${fitting.name}${n > 0 || (gives === terminal && consumes.length > 0) ? ', what it gives' : ''}`,
      })),
    );
  });
  const own = [...new Map(contacts.map((contact) => [contact.id, contact])).values()];
  const [red, setRed] = useState(own[0]?.id ?? '');
  const [black, setBlack] = useState(own[1]?.id ?? '');
  const at = (id: string) => own.find((contact) => contact.id === id);
  const [plus, minus] = [at(red), at(black)];
  const volts = plus && minus && bench.meter(plus, minus);
  if (own.length === 0) return null;
  return (
    <section aria-label="Meter" className={styles.meter}>
      <h2 className={styles.sideTitle}>Meter</h2>
      <output className={`figure ${styles.reading}`} aria-live="off">
        {volts === undefined ? '– V' : `${volts.toFixed(2)} V`}
      </output>
      {(
        [
          ['Red probe', red, setRed],
          ['Black probe', black, setBlack],
        ] as const
      ).map(([label, value, set]) => (
        <TextField
          key={label}
          select
          fullWidth
          size="small"
          margin="dense"
          label={label}
          value={value}
          onChange={({ target }) => set(target.value)}
        >
          {own.map(({ id, words }) => (
            <MenuItem key={id} value={id}>
              {words}
            </MenuItem>
          ))}
        </TextField>
      ))}
    </section>
  );
}
