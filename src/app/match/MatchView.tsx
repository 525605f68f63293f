import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useMemo, useState } from 'react';
import { missedBy } from '../../core/desk/match/conflict';
import { stocks, type Stock } from '../../core/desk/match/roles';
import type { MatchTask } from '../../core/desk/match/match-build';
import { counted, nameList } from '../../core/base/words/sentences';
import { NumberField } from '../brief/NumberField';
import { useBuild } from '../state/shown-build';
import { useLocker } from '../state/locker-store';
import { KeptRoles } from './KeptRoles';
import { OfferTable } from './OfferTable';
import { useMatch } from './use-match';
import styles from './MatchView.module.css';

const stockNames: Record<Stock, string> = {
  own: 'What I own',
  ownFirst: 'Mine first',
  all: 'Everything',
};

/** Minutes that a pack is wished to last, until a person says otherwise. */
const usualMinutes = 20;

/** Offers that stand side by side. */
const most = 6;

/** What fits together: parts for every role of the build at once, side by side with what each leaves of its limits. */
export function MatchView() {
  const build = useBuild();
  const items = useLocker((state) => state.items);
  const [stock, setStock] = useState<Stock>('all');
  const [moneyLimit, setMoneyLimit] = useState<number | undefined>(build.brief.moneyLimit);
  const [leastMinutes, setLeastMinutes] = useState<number | undefined>(usualMinutes);
  const [kept, setKept] = useState<ReadonlySet<string>>(new Set());
  const task = useMemo((): MatchTask => {
    const open = build.fittings.map(({ id }) => id).filter((id) => !kept.has(id));
    return { stock, most, moneyLimit, leastMinutes, ...(kept.size > 0 && { open: new Set(open) }) };
  }, [build, stock, moneyLimit, leastMinutes, kept]);
  const { result, progress, failure, callOff, runAgain } = useMatch(build, items, task);
  return (
    <section className={styles.view} aria-labelledby="match-title">
      <h2 id="match-title" className={styles.title}>
        What fits together
      </h2>
      <p className={styles.note}>
        Parts for all roles at once, by the limits that the wells judge. Each offer is wired and checked: none
        carries a stop.
      </p>
      <div className={styles.asks}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={stock}
          aria-label="Chosen from"
          onChange={(_, next: Stock | null) => next && setStock(next)}
        >
          {stocks.map((each) => (
            <ToggleButton key={each} value={each}>
              {stockNames[each]}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <div className={styles.money}>
          <NumberField
            label="Money, at most"
            value={moneyLimit}
            least={0}
            most={1_000_000}
            onTake={setMoneyLimit}
          />
        </div>
        <div className={styles.money}>
          <NumberField
            label="Runs at least, min"
            value={leastMinutes}
            least={0}
            most={1000}
            onTake={setLeastMinutes}
          />
        </div>
        <KeptRoles kept={kept} onChange={setKept} />
      </div>
      {progress !== undefined && (
        <div className={styles.progress}>
          <LinearProgress variant="determinate" value={100 * progress} aria-label="Looking for what fits" />
          <Button size="small" onClick={callOff}>
            Cancel
          </Button>
        </div>
      )}
      {failure && (
        <p className={styles.note}>
          This could not be worked out: {failure}. <Button onClick={runAgain}>Try again</Button>
        </p>
      )}
      {!result && progress === undefined && !failure && (
        <Button onClick={runAgain}>Look for what fits</Button>
      )}
      {result && result.offers.length === 0 && (
        <div className={styles.none} role="status">
          <p>
            <b>Nothing fits together.</b>
          </p>
          {result.empty.length > 0 && (
            <p>
              There is nothing to choose from for: {nameList(result.empty)}. Own one, or look at everything.
            </p>
          )}
          {result.conflict.length > 0 && (
            <p>
              {result.conflict.length === 1 ? 'Nothing has this' : 'These cannot all be had'}:{' '}
              {nameList(result.conflict)}. Give {result.conflict.length === 1 ? 'it' : 'one of them'} up, and
              something fits.
            </p>
          )}
          {result.misses.map((miss) => (
            <p key={miss.lacks}>
              Nearest without “{miss.lacks}”{missedBy(miss)}:{' '}
              {miss.parts.map(({ role, part }) => `${role}: ${part}`).join('; ')}.
            </p>
          ))}
          {result.refusals.length > 0 && (
            <p>
              {counted(result.searched.tried, 'set')} pass every limit, but once wired something stops each:{' '}
              {result.refusals.join('; ')}. Put that right first, or keep fewer parts as they are.
            </p>
          )}
        </div>
      )}
      {result && result.offers.length > 0 && (
        <>
          <p className={styles.note} role="status">
            {counted(result.offers.length, 'set')} that {result.offers.length === 1 ? 'works' : 'work'},
            chosen from {result.searched.front} to differ as much as can be.
          </p>
          <OfferTable offers={result.offers} />
        </>
      )}
    </section>
  );
}
