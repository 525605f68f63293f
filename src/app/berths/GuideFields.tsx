import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { guideViews, type Guide } from '../../core/model/plan/model-inside';
import { unitRatio } from '../../core/base/quantity/read-quantity';
import { NumberField } from '../brief/NumberField';
import { PhotoButton } from '../drawing/PhotoButton';
import { useSettings } from '../state/settings-store';
import styles from './ModelSizes.module.css';

interface GuideFieldsProps {
  guide: Guide | undefined;
  /** Length of the model in metres: what a new picture is taken to show. */
  length: number;
  onChange: (guide: Guide | undefined) => void;
}

const viewWords = { plan: 'the plan', side: 'the side view' } as const;

/** A photograph or drawing that lies under the picture, to true size by two figures. */
export function GuideFields({ guide, length, onChange }: GuideFieldsProps) {
  const unit = useSettings((state) => state.units.length);
  const perMetre = unitRatio('m', unit);
  const shown = (metres: number) => Number((metres * perMetre).toPrecision(4));
  return (
    <div className={styles.guide}>
      <div>
        <h3 className={styles.guideTitle}>A picture to lay it out by</h3>
        <p>
          A photograph from straight above or from the side, bow or front to the right, lies faintly under the
          plan.
        </p>
        <PhotoButton
          photo={guide?.picture}
          shows="The picture under the plan"
          onTake={(picture) =>
            onChange(
              picture === undefined ? undefined : { under: 'plan', x: 0, across: length, ...guide, picture },
            )
          }
        />
      </div>
      {guide && (
        <div className={styles.guideFields}>
          <TextField
            select
            size="small"
            margin="dense"
            label="Lies under"
            value={guide.under}
            onChange={({ target }) => {
              const under = guideViews.find((view) => view === target.value);
              if (under) onChange({ ...guide, under });
            }}
          >
            {guideViews.map((view) => (
              <MenuItem key={view} value={view}>
                {viewWords[view]}
              </MenuItem>
            ))}
          </TextField>
          <NumberField
            label={`Its width shows, ${unit}`}
            value={shown(guide.across)}
            least={shown(0.01)}
            most={shown(10)}
            onTake={(typed) => typed !== undefined && onChange({ ...guide, across: typed / perMetre })}
          />
          <NumberField
            label={`Its left edge from aft, ${unit}`}
            value={shown(guide.x)}
            least={shown(-10)}
            most={shown(10)}
            onTake={(typed) => typed !== undefined && onChange({ ...guide, x: typed / perMetre })}
          />
        </div>
      )}
    </div>
  );
}
