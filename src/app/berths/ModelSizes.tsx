import Button from '@mui/material/Button';
import { formsFor } from '../../core/reading/berths/inside-sizes';
import type { Inside } from '../../core/reading/berths/inside';
import type { ModelInside } from '../../core/model/plan/model-inside';
import { MenuButton } from '../loom/MenuButton';
import { useBuildStore } from '../state/build-store';
import { useBuild } from '../state/shown-build';
import { formWords } from './form-words';
import { GuideFields } from './GuideFields';
import { RoomsTable } from './RoomsTable';
import { SizeFields } from './SizeFields';
import { withoutGaps } from './without-gaps';
import styles from './ModelSizes.module.css';

interface ModelSizesProps {
  inside: Inside;
  /** Whether the next drag in the plan draws a room. */
  isDrawing: boolean;
  onDraw: (isOn: boolean) => void;
}

/** The model itself: its shape, its sizes, its rooms and the holes between them. */
export function ModelSizes({ inside, isDrawing, onDraw }: ModelSizesProps) {
  const build = useBuild();
  const apply = useBuildStore((state) => state.apply);
  const { told } = inside;
  const set = (words: string, next: ModelInside) => apply(words, [{ type: 'setInside', inside: next }]);
  return (
    <section className={styles.model} aria-label="The model">
      <div className={styles.head}>
        <h2 className={styles.title}>{formWords[inside.form].name}</h2>
        <Button size="small" aria-pressed={isDrawing} onClick={() => onDraw(!isDrawing)}>
          {isDrawing ? 'Draw nothing' : 'Draw a room'}
        </Button>
        <MenuButton
          label="Another shape"
          options={formsFor(build)
            .filter((form) => form !== inside.form)
            .map((form) => ({ id: form, text: formWords[form].name, note: formWords[form].words }))}
          onChoose={(id) => {
            const form = formsFor(build).find((each) => each === id);
            if (form) set(`shape: ${form}`, { form, ...(told.guide && { guide: told.guide }) });
          }}
        />
        {(told.berths ?? told.passages ?? told.obstacles) !== undefined && (
          <Button
            size="small"
            onClick={() => {
              const { berths: _b, passages: _p, obstacles: _o, points: _f, ...rest } = told;
              set('rooms as they usually are', rest);
            }}
          >
            Rooms as they usually are
          </Button>
        )}
      </div>
      <p className={styles.hint} aria-live="polite">
        {isDrawing
          ? 'Drag from one corner of the new room to the other, in the view from above.'
          : 'In the view from above, drag a room or one of its corners. Edges are drawn to walls, parts and the middle line; Alt lets them go.'}
      </p>
      <SizeFields
        told={told}
        sizes={inside}
        onChange={(change) => set('size of the model', withoutGaps(told, change))}
      />
      <GuideFields
        guide={told.guide}
        length={inside.length}
        onChange={(guide) => set('picture under the plan', withoutGaps(told, { guide }))}
      />
      <RoomsTable inside={inside} onSet={set} />
    </section>
  );
}
