import { buildCost } from '../../core/reading/brief/cost';
import type { Reading } from '../../core/reading/build-reading/reading';
import type { Build } from '../../core/model/plan/build';
import { outingsOf } from '../../core/desk/trial/outings';
import { usualTask } from '../../core/desk/trial/trial-task';
import { burning, verdictOf, verdictUnder } from '../../core/desk/trial/verdict';
import { useLocker } from '../state/locker-store';
import { checkOf } from '../state/use-check';
import { useSum } from '../state/money-store';
import { trialRows } from '../../core/desk/trial/trial-rows';
import { useTrial } from '../trial/use-trial';
import { SavableTable } from '../lists/SavableTable';
import styles from './RefitView.module.css';

interface RefitOutcomeProps {
  was: Reading;
  is: Reading;
}

/** What a refit costs, and what the same outing makes of the model before and after. */
export function RefitOutcome({ was, is }: RefitOutcomeProps) {
  const items = useLocker((state) => state.items);
  const sum = useSum();
  const [before, after] = [buildCost(was, items), buildCost(is, items)];
  const unpriced = after.stages.flatMap((stage) => stage.unpriced).length;
  return (
    <>
      <h2 className={styles.sectionTitle}>Money</h2>
      <p className={styles.outcome}>
        Still to buy: <span className="figure">{sum(after.toBuy)}</span>
        {unpriced > 0 && ` and ${unpriced} without a price`}. All its parts are worth{' '}
        <span className="figure">
          {sum(before.worth)} → {sum(after.worth)}
        </span>
        .
      </p>
      <SameOuting was={was.build} is={is.build} />
    </>
  );
}

/** Both builds on the outing that is usual for the plan. */
function SameOuting({ was, is }: { was: Build; is: Build }) {
  const outing = outingsOf(is)[0]!;
  const task = usualTask(outing);
  const [before, after] = [useTrial(was, task), useTrial(is, task)];
  const rows = [before, after].map(({ result, isStale }) =>
    result && !isStale ? trialRows(result) : undefined,
  );
  return (
    <>
      <h2 className={styles.sectionTitle}>Trial: {outing.name}</h2>
      {before.failure !== undefined || after.failure !== undefined ? (
        <p role="alert">The outing could not be worked out: {before.failure ?? after.failure}.</p>
      ) : rows[0] && rows[1] ? (
        <>
          <SavableTable name="refit on the same outing">
            <table className={styles.trial}>
              <thead>
                <tr>
                  <th scope="col">Figure</th>
                  <th scope="col">As found</th>
                  <th scope="col">Planned</th>
                </tr>
              </thead>
              <tbody>
                {rows[1].map(({ name, value }) => (
                  <tr key={name}>
                    <th scope="row">{name}</th>
                    <td className="figure">{rows[0]!.find((each) => each.name === name)?.value ?? '–'}</td>
                    <td className="figure">{value}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </SavableTable>
          <p className={styles.outcome}>
            {after.result && verdictUnder(burning(checkOf(is).findings), verdictOf(after.result)).words}
          </p>
        </>
      ) : (
        <p role="status">Working it out …</p>
      )}
    </>
  );
}
