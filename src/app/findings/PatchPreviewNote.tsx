import type { PatchPreview } from '../../core/judgement/check/preview';
import { wells, wellNames } from '../../core/judgement/findings/wells';
import { useCheck } from '../state/use-check';
import styles from './PatchPreviewNote.module.css';

/** What a put-right changes: the edits, the findings that go and come, and the wells after it. */
export function PatchPreviewNote({ preview }: { preview: PatchPreview }) {
  const { wells: before } = useCheck();
  const after = preview.wells;
  const changed = wells.filter((well) => before[well].state !== after[well].state);
  return (
    <div className={styles.note}>
      <Lines title="Changes" lines={preview.changes} />
      <Lines title="Fixed" lines={preview.gone.map((told) => told.text)} />
      <Lines title="Eased" lines={preview.eased.map((told) => told.text)} />
      <Lines title="Adds" lines={preview.come.map((told) => told.text)} />
      {changed.length > 0 && (
        <Lines
          title="Then"
          lines={changed.map((well) => `${wellNames[well]}: ${before[well].state} → ${after[well].state}`)}
        />
      )}
    </div>
  );
}

function Lines({ title, lines }: { title: string; lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h4 className={styles.title}>{title}</h4>
      <ul className={styles.lines}>
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </>
  );
}
