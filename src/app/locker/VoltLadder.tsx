import { scaleLinear } from 'd3-scale';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { voltSpan, type Met } from '../../core/desk/locker/volt-ladder';
import { fitsVolts } from '../../core/desk/locker/working-list';
import { formatQuantity } from '../../core/base/quantity/format';
import { useSum } from '../state/money-store';
import styles from './VoltLadder.module.css';

/** Rows that can be looked through; longer lists are searched, or read as a table. */
const mostRows = 300;

interface VoltLadderProps {
  items: readonly LockerItem[];
  chosenId: string | undefined;
  meets: Met | undefined;
  onChoose: (partId: string) => void;
}

const stateWords: Record<LockerItem['state'], string> = { own: 'own', mightBuy: 'might buy', catalogue: '' };

/** Parts of one kind side by side: the volts each stands as a bar, and the volts of this build as a line through all. */
export function VoltLadder({ items: all, chosenId, meets, onChoose }: VoltLadderProps) {
  const sum = useSum();
  const items = all.slice(0, mostRows);
  const spans = items.map((item) => voltSpan(item.part));
  const most = Math.max(meets?.volts ?? 0, ...spans.map((span) => span?.most ?? 0)) * 1.05 || 1;
  const x = scaleLinear().domain([0, most]).range([0, 100]);
  const hasVolts = spans.some((span) => span !== undefined);
  return (
    <>
      <p className={styles.legend}>
        {!hasVolts
          ? 'Parts of this kind have no voltage limits.'
          : meets
            ? `Bars: voltage range. Line: ${formatQuantity(meets.volts, 'V')} in this build (${meets.name}).`
            : 'Bars: voltage range.'}
      </p>
      <ul className={styles.list}>
        {items.map(({ part, state, price }, n) => {
          const span = spans[n];
          const fits = fitsVolts(items[n]!, meets?.given);
          return (
            <li key={part.id}>
              <button
                type="button"
                className={styles.row}
                aria-pressed={part.id === chosenId}
                onClick={() => onChoose(part.id)}
              >
                <span className={styles.name}>{part.name}</span>
                <span className={styles.note}>
                  {[stateWords[state], price === undefined ? '' : sum(price)].filter(Boolean).join(' · ')}
                </span>
                {span && (
                  <span className={styles.track} data-bar aria-hidden>
                    <span
                      className={styles.span}
                      data-fits={fits}
                      style={{ left: `${x(span.least)}%`, width: `${x(span.most) - x(span.least)}%` }}
                    />
                    {meets && !span.gives && (
                      <span className={styles.line} data-fits={fits} style={{ left: `${x(meets.volts)}%` }} />
                    )}
                  </span>
                )}
                {span && (
                  <span className={`figure ${styles.figures}`} data-fits={fits}>
                    {span.least.toFixed(1)}–{formatQuantity(span.most, 'V')}
                    {fits ? '' : meets && meets.volts > span.most ? ', over its most' : ', under its least'}
                  </span>
                )}
              </button>
            </li>
          );
        })}
      </ul>
      {all.length > items.length && (
        <p className={styles.legend}>
          And {all.length - items.length} more: search, or open the table to see them all.
        </p>
      )}
    </>
  );
}
