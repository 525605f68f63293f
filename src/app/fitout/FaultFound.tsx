import Button from '@mui/material/Button';
import { useCheck } from '../state/use-check';
import { stepsToRepeat } from '../../core/bench/faults/step-evidence';
import type { Finding } from '../../core/bench/faults/finder';
import { radioOf } from '../../core/bench/procedure/touches';
import type { StepState } from '../../core/bench/procedure/step-states';
import { useBuildStore } from '../state/build-store';
import { Explained } from '../help/Explained';
import { useFinder } from './finder-store';
import styles from './FaultFinder.module.css';

interface FaultFoundProps {
  found: Finding;
  /** The step that did not do what it says. */
  failed: string;
  states: readonly StepState[];
  onNot: (fault: string) => void;
  onDone: () => void;
}

/** What it is, or what it most likely is, how it is put right, and the steps to do again. */
export function FaultFound({ found, failed, states, onNot, onDone }: FaultFoundProps) {
  const { context } = useCheck();
  const key = useBuildStore(({ recordKey }) => recordKey);
  const apply = useBuildStore((store) => store.apply);
  const end = useFinder((store) => store.end);
  const [likeliest] = found.ranking;
  if (!likeliest) return <p>Nothing is left that it could be.</p>;
  const { fault, probability } = likeliest;
  const again = stepsToRepeat(
    states.map(({ step }) => step),
    fault,
    failed,
    new Set(radioOf(context)),
  );
  const ticked = again.filter(({ id }) => states.some(({ step, tick }) => step.id === id && tick));
  return (
    <div role="status">
      <h2 id="finder-title" className={styles.question}>
        {found.isFound ? 'Found' : 'No test tells more: most likely'}
      </h2>
      <p className={styles.words}>
        {fault.label} <span className="figure">({Math.round(100 * probability)} %)</span>.
      </p>
      <p className={styles.cure}>
        <Explained text={fault.cure} />
      </p>
      {again.length > 0 && (
        <>
          <h3 className={styles.againTitle}>Then do again</h3>
          <ul className={styles.again}>
            {again.map(({ id, title }) => (
              <li key={id}>{title}</li>
            ))}
          </ul>
        </>
      )}
      <div className={styles.answers}>
        <Button
          variant="contained"
          size="large"
          onClick={() => {
            apply(
              `put right: ${fault.label}`,
              ticked.map(({ id }) => ({ type: 'untick', step: id })),
            );
            end(key);
            onDone();
          }}
        >
          Put right: go on with these steps
        </Button>
        <Button size="large" onClick={() => onNot(fault.id)}>
          It was not that
        </Button>
      </div>
    </div>
  );
}
