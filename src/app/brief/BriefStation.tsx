import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { functionChains } from '../../core/brief/function-chain';
import { useBuild } from '../state/build-store';
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

/** What the model must do and stand, and how far each function is served from the thumb to the part. */
export function Component() {
  const build = useBuild();
  const { context } = useCheck();
  const chains = functionChains(context);
  const open = chains.filter((chain) => chain.open !== undefined).length;
  return (
    <div className={styles.station}>
      <div className={styles.work}>
        <div className={styles.head}>
          <h1 className={styles.title}>
            Brief <span className={styles.subtitle}>· what this {build.model} must do</span>
          </h1>
          <span className="figure">
            {chains.length - open} of {chains.length} functions served
          </span>
        </div>
        <ModelOutline chains={chains} />
        <FunctionHeads />
        <ul className={styles.functions} aria-label="Functions">
          {chains.map((chain) => (
            <FunctionRow key={chain.function.id} chain={chain} />
          ))}
        </ul>
        <AddFunction />
        <RadioAndPower />
        {build.fittings.length > 0 && (
          <Button variant="contained" component={Link} to="/loom?propose=1" sx={{ mt: 2 }}>
            Wire it for me
          </Button>
        )}
      </div>
      <div className={styles.side}>
        <BriefFields />
        <Motion />
        <Money />
        <Schools />
      </div>
    </div>
  );
}
