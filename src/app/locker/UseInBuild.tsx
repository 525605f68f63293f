import Button from '@mui/material/Button';
import { canonicalText } from '../../core/base/canonical';
import { previewWords } from '../../core/judgement/check/preview';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { correctSheet } from '../../core/judgement/put-right/swap-part';
import type { Patch } from '../../core/model/plan/patch';
import { useBuild } from '../state/shown-build';
import { applyAndSay } from '../state/done-store';
import { usePreviews } from '../state/use-offers';
import styles from './PartSheet.module.css';

/** Asks whether a sheet that was corrected is to reach the open build, which has its own copy, and says what that does. */
export function UseInBuild({ part }: { part: PartSpec }) {
  const build = useBuild();
  const own = build.parts.find(({ id }) => id === part.id);
  const isOther = own !== undefined && canonicalText(own) !== canonicalText(part);
  const patch: Patch = {
    id: `sheet:${part.id}:${isOther ? canonicalText(part) : ''}`,
    label: `Use this sheet in ${build.name}`,
    edits: isOther ? correctSheet(build, part) : [],
  };
  const preview = usePreviews(isOther ? [patch] : []).get(patch.id);
  if (!isOther) return null;
  const names = build.fittings.filter((fitting) => fitting.part === part.id).map(({ name }) => name);
  return (
    <p className={styles.other} role="status">
      {build.name} uses an older copy of this part: {names.join(', ')}.{' '}
      <Button
        size="small"
        onClick={() =>
          applyAndSay(
            `sheet of the ${part.name}`,
            patch.edits,
            `${build.name} has this sheet of the ${part.name} now`,
          )
        }
      >
        Update it
      </Button>
      {preview && <span className={styles.note}>{previewWords(preview)}</span>}
    </p>
  );
}
