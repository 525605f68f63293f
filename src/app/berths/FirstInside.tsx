import Button from '@mui/material/Button';
import { useState } from 'react';
import { formsFor, insideSizes, isHull } from '../../core/reading/berths/inside-sizes';
import type { InsideForm, ModelInside } from '../../core/model/plan/model-inside';
import { useBuild } from '../state/shown-build';
import { SizeFields } from './SizeFields';
import { formWords } from './form-words';
import { withoutGaps } from './without-gaps';
import styles from './FirstInside.module.css';

interface FirstInsideProps {
  form: InsideForm;
  onTake: (inside: ModelInside) => void;
}

/** The first picture of a model’s inside: its shape, and the few sizes that people measure. */
export function FirstInside({ form, onTake }: FirstInsideProps) {
  const build = useBuild();
  const [told, setTold] = useState<ModelInside>({ form });
  const sizes = insideSizes(build, told);
  return (
    <div className={styles.first}>
      <p className={styles.lead}>
        Choose the shape of your model and type the sizes that you can measure. Empty fields are taken as
        usual for its kind, and marked as estimated. Then the parts find their places, and you read here
        whether all fits, reaches, stays dry and {isHull(told.form) ? 'floats level' : 'stands level'}.
      </p>
      <div className={styles.forms} role="radiogroup" aria-label="Shape of the model">
        {formsFor(build).map((each) => (
          <button
            key={each}
            type="button"
            role="radio"
            aria-checked={told.form === each}
            className={styles.form}
            onClick={() => setTold({ form: each })}
          >
            <strong>{formWords[each].name}</strong>
            <span>{formWords[each].words}</span>
          </button>
        ))}
      </div>
      <SizeFields told={told} sizes={sizes} onChange={(change) => setTold(withoutGaps(told, change))} />
      <div className={styles.go}>
        <Button variant="contained" onClick={() => onTake(told)}>
          Draw it
        </Button>
      </div>
    </div>
  );
}
