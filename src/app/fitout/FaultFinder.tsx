import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import { useMemo, useState } from 'react';
import type { FaultTable } from '../../core/bench/faults/fault-table';
import { findFault, type Evidence } from '../../core/bench/faults/finder';
import { evidenceOfSteps, frontDoor, lastWorkedOn, testsOfStep } from '../../core/bench/faults/step-evidence';
import type { StepState } from '../../core/bench/procedure/step-states';
import { useBuildStore } from '../state/build-store';
import { useFaultTable } from '../state/use-offers';
import { FaultCauses } from './FaultCauses';
import { FaultFound } from './FaultFound';
import { FaultTest } from './FaultTest';
import { HoldNotice } from './HoldNotice';
import { symptomsOf, withoutLast } from '../../core/bench/faults/symptoms';
import { useCheck } from '../state/use-check';
import { Symptoms } from './Symptoms';
import { SeenSoFar } from './SeenSoFar';
import { searchOf, useFinder, type ChangeSearch } from './finder-store';
import styles from './FaultFinder.module.css';

interface FaultFinderProps {
  states: readonly StepState[];
  state: StepState;
  onBack: () => void;
}

/** Why a step does not do what it says: the likely causes of this very build, and the next test. */
export function FaultFinder({ states, state, onBack }: FaultFinderProps) {
  const [share, setShare] = useState(0);
  const isFrontDoor = state === frontDoor;
  const changed = useMemo(() => lastWorkedOn(states), [states]);
  const { data: table, error, refetch } = useFaultTable(changed, setShare);
  return (
    <article className={styles.finder} aria-labelledby="finder-title">
      <div className={styles.head}>
        <p className={styles.about}>
          {isFrontDoor
            ? 'Something is wrong with the model'
            : `It does not do what the step says: ${state.step.title}`}
        </p>
        <Button size="small" onClick={onBack}>
          {isFrontDoor ? 'Close' : 'Back to the step'}
        </Button>
      </div>
      {error ? (
        <p role="alert">
          What may be wrong could not be worked out: {error.message}.{' '}
          <Button onClick={() => void refetch()}>Try again</Button>
        </p>
      ) : table ? (
        <Search table={table} states={states} state={state} onBack={onBack} />
      ) : (
        <div role="status">
          <p className={styles.wait}>Trying every single fault of this build against every test…</p>
          <LinearProgress
            variant="determinate"
            value={100 * share}
            aria-label="Faults tried"
            sx={{ maxWidth: 420 }}
          />
        </div>
      )}
    </article>
  );
}

function Search({ table, states, state, onBack }: FaultFinderProps & { table: FaultTable }) {
  const key = useBuildStore(({ recordKey }) => recordKey);
  const { context } = useCheck();
  const kept = useFinder(({ searches }) => searches[key]);
  const keep = useFinder((store) => store.change);
  const { skipped, excluded, ...search } = searchOf(kept, state.step.id);
  // The build may have changed since: what it no longer asks tells nothing of it.
  const evidence = useMemo(
    () => search.evidence.filter(({ test }) => table.tests.some(({ id }) => id === test)),
    [search.evidence, table],
  );
  const change: ChangeSearch = (what) => keep(key, state.step.id, what);
  const isPowerHeld = state.heldBy !== undefined;
  const before = useMemo(
    () =>
      // What worked once tells nothing where something has gone wrong since.
      state === frontDoor
        ? []
        : evidenceOfSteps(
            table,
            states.filter((each) => each !== state),
          ),
    [table, states, state],
  );
  const found = useMemo(
    () => findFault(without(table, excluded), [...before, ...evidence], { isPowerHeld, skipped }),
    [table, before, evidence, skipped, excluded, isPowerHeld],
  );
  const see = (more: Evidence) => change({ evidence: [...evidence, more] });
  const first = testsOfStep(table, state.step);
  if (evidence.length === 0 && state === frontDoor)
    return (
      <div className={styles.columns}>
        <Symptoms table={table} onSee={(more) => change({ evidence: more })} />
        <FaultCauses ranking={found.ranking} />
      </div>
    );
  if (evidence.length === 0)
    return (
      <div className={styles.columns}>
        <section className={styles.main} aria-labelledby="finder-title">
          <h2 id="finder-title" className={styles.question}>
            {isPowerHeld ? 'What did you see?' : 'What do you see?'}
          </h2>
          {state.heldBy && <HoldNotice heldBy={state.heldBy} />}
          {(first.length > 0 ? first : table.tests.filter(({ answers }) => answers.length > 0)).map(
            (test) => (
              <FaultTest key={test.id} test={test} isFirst={first.length === 1 && !isPowerHeld} onSee={see} />
            ),
          )}
        </section>
        <FaultCauses ranking={found.ranking} />
      </div>
    );
  return (
    <div className={styles.columns}>
      <section className={styles.main} aria-labelledby="finder-title">
        {found.isFound || !found.next ? (
          <FaultFound
            found={found}
            failed={state.step.id}
            states={states}
            onNot={(fault) => change({ excluded: [...excluded, fault] })}
            onDone={onBack}
          />
        ) : (
          <>
            <h2 id="finder-title" className={styles.question}>
              Next, {minutesWords(found.next.minutes)}: {found.next.isPowered ? 'pack in' : 'pack out'}
            </h2>
            {state.heldBy && (
              <>
                <HoldNotice heldBy={state.heldBy} />
                <p className={styles.held}>Until then only what can be told with the pack out is asked.</p>
              </>
            )}
            <FaultTest
              key={`${found.next.id} ${evidence.length}`}
              test={found.next}
              isFirst
              onSee={see}
              onSkip={() => change({ skipped: [...skipped, found.next!.id] })}
            />
          </>
        )}
      </section>
      <FaultCauses ranking={found.ranking} />
      <SeenSoFar
        table={table}
        evidence={evidence}
        onTakeBack={() =>
          change({
            evidence:
              state === frontDoor ? withoutLast(symptomsOf(context, table), evidence) : evidence.slice(0, -1),
          })
        }
      />
    </div>
  );
}

const minutesWords = (minutes: number): string =>
  minutes < 1 ? `${Math.round(minutes * 60)} seconds` : minutes === 1 ? 'a minute' : `${minutes} minutes`;

/** A table without faults that it was not. */
function without(table: FaultTable, excluded: readonly string[]): FaultTable {
  if (excluded.length === 0) return table;
  const stays = (n: number) => !excluded.includes(table.faults[n]!.id);
  return {
    ...table,
    faults: table.faults.filter((_, n) => stays(n)),
    shown: table.shown.filter((_, n) => stays(n)),
  };
}
