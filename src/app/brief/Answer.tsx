import { memo } from 'react';
import { Link } from 'react-router';
import type { Build } from '../../core/model/plan/build';
import { outingsOf } from '../../core/desk/trial/outings';
import { trialRows } from '../../core/desk/trial/trial-rows';
import { usualTask } from '../../core/desk/trial/trial-task';
import { burning, verdictOf } from '../../core/desk/trial/verdict';
import type { TrialFigures } from '../../core/desk/trial/trial-result';
import { checkOf } from '../state/use-check';
import { useTrial } from '../trial/use-trial';
import styles from './Answer.module.css';

/** Of an outing's figures, those that a person asks for first. */
const asked: readonly (keyof TrialFigures)[] = ['runMinutes', 'topSpeed', 'hottestCelsius'];

/** What the model comes to as it is planned, on its usual outing: a line in sight while the plan is made. */
const Answer = memo(function Answer({ build }: { build: Build }) {
  const [outing] = outingsOf(build);
  const { result, isStale, failure } = useTrial(build, usualTask(outing!));
  if (failure !== undefined)
    return <p className={styles.answer}>Run time and speed could not be worked out: {failure}.</p>;
  if (!result) return <p className={styles.answer} />;
  // With a stop of volts open no figure is told: it would hold only if nothing burned.
  const [burns] = burning(checkOf(build).findings);
  const verdict = verdictOf(result);
  const trouble = burns ? `${burns.text}: put that right first.` : verdict.tone === 'bad' && verdict.words;
  if (trouble) return <p className={styles.answer}>{trouble}</p>;
  return (
    <p className={styles.answer} data-stale={isStale}>
      <span>
        Trial, <Link to="/trial">{outing!.name}</Link>:
      </span>
      {trialRows(result)
        .filter(({ figure }) => asked.includes(figure))
        .map(({ name, value }) => (
          <span key={name}>
            {name} <strong className="figure">{value}</strong>
          </span>
        ))}
    </p>
  );
});

export default Answer;
