import Button from '@mui/material/Button';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { planProcedure } from '../../core/bench/procedure/plan-procedure';
import { frontDoor } from '../../core/bench/faults/step-evidence';
import { stepStates } from '../../core/bench/procedure/step-states';
import { useCheck } from '../state/use-check';
import { FoundView } from '../refit/FoundView';
import { RefitView } from '../refit/RefitView';
import { RehearsalView } from '../rehearsal/RehearsalView';
import { useBuild } from '../state/shown-build';
import { FaultFinder } from './FaultFinder';
import { StepInHand } from './StepInHand';
import { StepList } from './StepList';
import styles from './FitOutStation.module.css';

/** The order of work for this build: a list of steps, and the one in hand, large. */
export function Component() {
  const build = useBuild();
  const { context, findings } = useCheck();
  const [params, setParams] = useSearchParams();
  const states = useMemo(
    () => stepStates(build, planProcedure(context), findings),
    [build, context, findings],
  );
  const firstOpen = states.find((state) => state.state !== 'done');
  const inHand = states.find((state) => state.step.id === params.get('step')) ?? firstOpen ?? states.at(-1);
  const show = (id: string | undefined) => {
    const next = new URLSearchParams(params);
    next.delete('find');
    next.delete('list');
    if (id === undefined) next.delete('step');
    else next.set('step', id);
    setParams(next, { replace: true });
  };
  const look = (view: 'rehearse' | 'refit' | 'found' | undefined) => {
    const next = new URLSearchParams(params);
    if (view) next.set('view', view);
    else next.delete('view');
    setParams(next);
  };
  const back = () => look(undefined);
  if (params.get('view') === 'rehearse') return <RehearsalView onBack={back} />;
  if (params.get('view') === 'found') return <FoundView onBack={back} />;
  if (params.get('view') === 'refit')
    return <RefitView states={states} onBack={back} onFound={() => look('found')} />;
  if (!inHand) {
    return (
      <div className={styles.empty}>
        <h1>Fit-out</h1>
        <p>
          There is nothing to fit out yet: a pack, a receiver and a lead between them make the first steps.
        </p>
      </div>
    );
  }
  const closeDoor = () => {
    const next = new URLSearchParams(params);
    next.delete('find');
    setParams(next);
  };
  const find = (isFinding: boolean) => {
    const next = new URLSearchParams(params);
    next.set('step', inHand.step.id);
    if (isFinding) next.set('find', 'fault');
    else next.delete('find');
    setParams(next);
  };
  const isListed = params.get('list') !== null;
  const list = () => {
    const next = new URLSearchParams(params);
    if (isListed) next.delete('list');
    else next.set('list', '1');
    setParams(next);
  };
  const done = states.filter((state) => state.state === 'done').length;
  return (
    <div className={styles.station} data-shows={isListed ? 'list' : 'step'}>
      <div className={styles.allSteps}>
        {!isListed && <h1 className={styles.title}>Fit-out</h1>}
        <span className="figure">
          {done} of {states.length} done
        </span>
        {!isListed && <Button onClick={() => look('rehearse')}>Rehearse it</Button>}
        <Button onClick={list}>{isListed ? 'Back to the step' : 'All steps'}</Button>
      </div>
      <StepList states={states} inHand={inHand} done={done} onShow={show} onLook={look} />
      {params.get('find') === 'fault' ? (
        <FaultFinder key={inHand.step.id} states={states} state={inHand} onBack={() => find(false)} />
      ) : params.get('find') === 'wrong' ? (
        <FaultFinder states={states} state={frontDoor} onBack={closeDoor} />
      ) : (
        <StepInHand
          key={inHand.step.id}
          state={inHand}
          number={states.indexOf(inHand) + 1}
          total={states.length}
          isEnd={firstOpen === undefined}
          onNext={() => show(undefined)}
          onFind={() => find(true)}
        />
      )}
    </div>
  );
}
