import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import type { Patch } from '../../core/plan/patch';
import type { Finding } from '../../core/findings/finding';
import { previewWords } from '../../core/check/preview';
import { useBuild, useBuildStore } from '../state/build-store';
import { usePreviewStore } from '../state/preview-store';
import { previewOf } from '../state/use-check';
import { PatchPreviewNote } from './PatchPreviewNote';
import styles from './PutRight.module.css';

/** The changes that would put a finding right. A click shows what one does; a second takes it. */
export function PutRight({ finding }: { finding: Finding }) {
  const build = useBuild();
  const [chosenId, setChosenId] = useState<string>();
  const showPreview = usePreviewStore((state) => state.show);
  const apply = useBuildStore((state) => state.apply);
  const chosen = finding.patches.find((one) => one.id === chosenId);

  useEffect(() => {
    showPreview(chosen && previewOf(build, chosen).after);
    return () => showPreview(undefined);
  }, [build, chosen, showPreview]);

  if (finding.patches.length === 0) {
    return <p className={styles.none}>Nothing in the locker puts this right by itself.</p>;
  }
  return (
    <div className={styles.offers} role="group" aria-label="Put right">
      {finding.patches.map((patch, n) => (
        <div key={patch.id}>
          <PatchButton
            patch={patch}
            isFirst={n === 0}
            isChosen={patch === chosen}
            words={previewWords(previewOf(build, patch))}
            onClick={() => setChosenId(patch === chosen ? undefined : patch.id)}
          />
          {patch === chosen && (
            <div className={styles.preview}>
              <PatchPreviewNote preview={previewOf(build, patch)} />
              <div className={styles.take}>
                <Button variant="contained" onClick={() => apply(patch.label, patch.edits)}>
                  Do it
                </Button>
                <Button onClick={() => setChosenId(undefined)}>Leave it</Button>
              </div>
            </div>
          )}
        </div>
      ))}
    </div>
  );
}

interface PatchButtonProps {
  patch: Patch;
  isFirst: boolean;
  isChosen: boolean;
  words: string;
  onClick: () => void;
}

function PatchButton({ patch, isFirst, isChosen, words, onClick }: PatchButtonProps) {
  return (
    <button
      type="button"
      className={styles.offer}
      data-first={isFirst}
      aria-expanded={isChosen}
      title="Look at what this changes"
      onClick={onClick}
    >
      <span>{patch.label}</span>
      <span className={styles.words}>{words}</span>
    </button>
  );
}
