import Button from '@mui/material/Button';
import { useNavigate } from 'react-router';
import type { Offer } from '../../core/desk/match/match-build';
import { capital } from '../../core/base/words/sentences';
import { runTimeWords } from '../../core/base/quantity/run-time-words';
import { useBuild } from '../state/shown-build';
import { applyAndSay } from '../state/done-store';
import { addAndOpen } from '../state/open-build';
import { useSum } from '../state/money-store';
import { SavableTable } from '../lists/SavableTable';
import styles from './MatchView.module.css';

/** Limits that are shown: those that are tightest anywhere. */
const mostLimits = 8;

/** Margins from here on are drawn as full. */
const ample = 0.5;

/** Offers side by side: how long they run, the part in each role, what they take and what they leave of each limit. */
export function OfferTable({ offers }: { offers: readonly Offer[] }) {
  const build = useBuild();
  const go = useNavigate();
  const sum = useSum();
  const limits = tightest(offers);
  const roles = offers[0]!.roles.map(({ role, name }) => ({ role, name }));
  const hasPrices = offers.some(({ buy }) => buy.some(({ price }) => price !== undefined));
  const unpriced = (offer: Offer) => offer.buy.filter(({ price }) => price === undefined).length;
  const tryOut = async (n: number, offer: Offer) => {
    await addAndOpen({ ...offer.build, name: `${build.name.slice(0, 60)}, offer ${n + 1}` });
    await go('/trial');
  };
  return (
    <div className={styles.scroll}>
      <SavableTable name="match">
        <table className={styles.table}>
          <thead>
            <tr>
              <td />
              {offers.map((offer, n) => (
                <th key={n} scope="col">
                  <span className={styles.offer}>Offer {n + 1}</span>
                  <span className={styles.best}>{bestIn(offers, offer) || ' '}</span>
                  <Button size="small" variant="contained" onClick={() => void tryOut(n, offer)}>
                    Try it
                  </Button>
                  <Button
                    size="small"
                    onClick={() =>
                      applyAndSay(`take offer ${n + 1}`, offer.edits, `Offer ${n + 1} is in the build`)
                    }
                  >
                    Take it
                  </Button>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <Row name="Run time, about" of={offers} show={({ runMinutes }) => runTimeWords(runMinutes)} />
            <Row
              name="All parts weigh"
              of={offers}
              show={({ kilograms }) => `${(1000 * kilograms).toFixed(0)} g`}
            />
          </tbody>
          <tbody>
            <tr className={styles.heading}>
              <th scope="rowgroup" colSpan={offers.length + 1}>
                The part in each role
              </th>
            </tr>
            {roles.map(({ role, name }) => {
              const all = offers.map((offer) => offer.roles.find((each) => each.role === role));
              const isAlike = all.every((each) => each?.part.id === all[0]?.part.id);
              return (
                <tr key={role} data-alike={isAlike}>
                  <th scope="row">{capital(name)}</th>
                  {all.map((chosen, n) => (
                    <td key={n}>
                      {chosen?.part.name}
                      {chosen?.volts !== undefined && `, set to ${chosen.volts} V`}
                      {chosen && !chosen.isChanged && <span className={styles.stays}> (stays)</span>}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
          <tbody>
            <tr className={styles.heading}>
              <th scope="rowgroup" colSpan={offers.length + 1}>
                What it takes
              </th>
            </tr>
            {hasPrices && (
              <Row
                name="To spend"
                of={offers}
                show={(offer) =>
                  `${sum(offer.money)}${unpriced(offer) > 0 ? ` and ${unpriced(offer)} without a price` : ''}`
                }
              />
            )}
            <Row
              name="To buy"
              of={offers}
              show={({ buy }) => parts(buy.reduce((sum, { count }) => sum + count, 0))}
            />
            <Row
              name="Warnings · unknown"
              of={offers}
              show={({ minds, unknowns }) => `${minds} · ${unknowns}`}
            />
            {offers.some(({ left }) => left.length > 0) && (
              <Row name="Left for you" of={offers} show={({ left }) => left.join('; ')} />
            )}
            <Row name="Adapters, joints" of={offers} show={({ joints }) => String(joints)} />
          </tbody>
          <tbody>
            <tr className={styles.heading}>
              <th scope="rowgroup" colSpan={offers.length + 1}>
                What is left of each limit, the tightest first
              </th>
            </tr>
            {limits.map((words) => (
              <tr key={words}>
                <th scope="row">{capital(words)}</th>
                {offers.map((offer, n) => (
                  <td key={n}>
                    <Left share={leftOf(offer, words)} />
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </SavableTable>
    </div>
  );
}

interface RowProps {
  name: string;
  of: readonly Offer[];
  show: (offer: Offer) => string;
}

const Row = ({ name, of, show }: RowProps) => (
  <tr>
    <th scope="row">{name}</th>
    {of.map((offer, n) => (
      <td key={n} className="figure">
        {show(offer)}
      </td>
    ))}
  </tr>
);

/** A bar for what is left of a limit, with the share in figures; nothing where the limit does not apply. */
function Left({ share }: { share: number | undefined }) {
  if (share === undefined) return <span className={styles.stays}>—</span>;
  const percent = Math.round(100 * share);
  return (
    <span className={styles.left} data-tight={share < 0.1}>
      <span className={styles.track} data-bar aria-hidden>
        <span style={{ width: `${Math.max(3, (100 * Math.min(share, ample)) / ample)}%` }} />
      </span>
      <span className="figure">{share > ample ? `>${100 * ample}` : percent} %</span>
    </span>
  );
}

const parts = (count: number): string =>
  count === 0 ? 'nothing' : `${count} ${count === 1 ? 'part' : 'parts'}`;

const leftOf = ({ ladder }: Offer, words: string): number | undefined =>
  ladder.find((margin) => margin.words === words)?.left;

/** What an offer is best in among those shown. */
function bestIn(offers: readonly Offer[], offer: Offer): string {
  const isLeast = (of: (each: Offer) => number) => {
    const values = offers.map(of);
    const least = Math.min(...values);
    // Of several that are as good the first has it; what all have, none is best in.
    return values.indexOf(least) === offers.indexOf(offer) && values.some((value) => value !== least);
  };
  return [
    isLeast(({ margin }) => -margin) && 'widest margins',
    isLeast(({ runMinutes }) => -runMinutes) && 'longest',
    isLeast(({ kilograms }) => Math.round(100 * kilograms)) && 'lightest',
    isLeast(({ money }) => money) && 'least money',
  ]
    .filter(Boolean)
    .join(', ');
}

/** The limits that are tightest in any of the offers, tightest first. */
function tightest(offers: readonly Offer[]): string[] {
  const least = new Map<string, number>();
  for (const { words, left } of offers.flatMap(({ ladder }) => ladder))
    least.set(words, Math.min(least.get(words) ?? Infinity, left));
  return [...least]
    .sort(([, a], [, b]) => a - b)
    .slice(0, mostLimits)
    .map(([words]) => words);
}
