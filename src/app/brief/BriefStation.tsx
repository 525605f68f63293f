import Button from '@mui/material/Button';
import { lazy, memo, Suspense, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import type { Reading } from '../../core/reading/build-reading/reading';
import { functionChains } from '../../core/reading/brief/function-chain';
import { useLater } from '../shell/use-later';
import { useCheck } from '../state/use-check';
import { AddFunction } from './AddFunction';
import { BriefFields } from './BriefFields';
import { FunctionHeads } from './FunctionHeads';
import { FunctionRow } from './FunctionRow';
import { Money } from './Money';
import { Motion } from './Motion';
import { ModelOutline } from './ModelOutline';
import { RadioAndPower } from './RadioAndPower';
import { Schools } from './Schools';
import styles from './BriefStation.module.css';

const AddParts = lazy(() => import('../locker/AddParts'));
const Answer = lazy(() => import('./Answer'));

/** What the model must do and stand, and how far each function is served from the thumb to the part. */
export function Component() {
  const { context, isBegun } = useCheck();
  // What is typed is shown at once; what follows from it may take the next frames.
  const settled = useDeferredValue(context);
  const isLater = useLater();
  return (
    <div className={styles.station}>
      <Functions context={settled} isBegun={isBegun} />
      <div className={styles.side}>
        {isLater && (
          <>
            <BriefFields />
            <Motion context={settled} />
            <Money context={settled} />
            <Schools />
          </>
        )}
      </div>
    </div>
  );
}

interface FunctionsProps {
  context: Reading;
  /** A pack feeds something. */
  isBegun: boolean;
}

const Functions = memo(function Functions({ context, isBegun }: FunctionsProps) {
  const { build } = context;
  const chains = functionChains(context);
  const isLater = useLater();
  const [isAdding, setIsAdding] = useState(false);
  const hasParts = build.fittings.length > 0;
  const open = chains.filter((chain) => chain.open !== undefined).length;
  return (
    <div className={styles.work}>
      <div className={styles.head}>
        <h1 className={styles.title}>
          Brief <span className={styles.subtitle}>· what this {build.model} must do</span>
        </h1>
        <span className="figure">
          {chains.length - open} of {chains.length} functions connected
        </span>
      </div>
      <ModelOutline chains={chains} />
      {isBegun && (
        <Suspense fallback={<p className={styles.answering} />}>
          <Answer build={build} />
        </Suspense>
      )}
      {isLater && (
        <>
          <FunctionHeads />
          <ul className={styles.functions} aria-label="Functions">
            {chains.map((chain) => (
              <FunctionRow key={chain.function.id} chain={chain} context={context} />
            ))}
          </ul>
          <AddFunction />
          <RadioAndPower fittings={build.fittings} parts={build.parts} />
          <div className={styles.next}>
            <Button variant={hasParts ? 'text' : 'contained'} onClick={() => setIsAdding(true)}>
              Add parts from their labels
            </Button>
            {hasParts && (
              <Button variant="contained" component={Link} to="/loom?propose=1">
                Wire it for me
              </Button>
            )}
            {build.functions.length > 0 && (
              <Button component={Link} to="/locker?show=match">
                Choose parts that fit together
              </Button>
            )}
          </div>
        </>
      )}
      {isAdding && (
        <Suspense fallback={null}>
          <AddParts onClose={() => setIsAdding(false)} />
        </Suspense>
      )}
    </div>
  );
});
