import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import type { Patch } from '../../core/model/plan/patch';
import type { Finding } from '../../core/judgement/findings/finding';
import { nextMove } from '../../core/judgement/findings/next-move';
import { useSettings } from '../state/settings-store';
import { previewWords } from '../../core/judgement/check/preview';
import { applyAndSay } from '../state/done-store';
import { usePreviewStore } from '../state/preview-store';
import { useOffers } from '../state/use-offers';
import { PatchPreviewNote } from './PatchPreviewNote';
import styles from './PutRight.module.css';

/** The changes that would put a finding right. A click shows what one does; a second takes it. */
export function PutRight({ finding }: { finding: Finding }) {
  const offers = useOffers(finding);
  const units = useSettings((state) => state.units);
  const [chosenId, setChosenId] = useState<string>();
  const showPreview = usePreviewStore((state) => state.show);
  const chosen = offers.data?.find((preview) => preview.patch.id === chosenId);

  useEffect(() => {
    showPreview(chosen);
    return () => showPreview(undefined);
  }, [chosen, showPreview]);

  if (offers.isError)
    return (
      <p className={styles.none} role="alert">
        What would put this right could not be worked out: {offers.error.message}.{' '}
        <Button size="small" onClick={() => void offers.refetch()}>
          Try again
        </Button>
      </p>
    );
  if (!offers.data) return <p className={styles.waiting}>Trying what the locker has…</p>;
  if (offers.data.length === 0) {
    // A note asks for nothing.
    if (finding.severity === 'note') return null;
    return <p className={styles.none}>No one-step fix here. {nextMove(finding, units)}</p>;
  }
  return (
    <div className={styles.offers} role="group" aria-label="Put right">
      {offers.data.map((preview, n) => (
        <div key={preview.patch.id}>
          <PatchButton
            patch={preview.patch}
            isFirst={n === 0}
            isChosen={preview === chosen}
            words={previewWords(preview)}
            onClick={() => setChosenId(preview === chosen ? undefined : preview.patch.id)}
          />
          {preview === chosen && (
            <div className={styles.preview}>
              <PatchPreviewNote preview={preview} />
              <div className={styles.take}>
                <Button
                  variant="contained"
                  onClick={() =>
                    applyAndSay(preview.patch.label, preview.patch.edits, `Done: ${preview.patch.label}`)
                  }
                >
                  Do it
                </Button>
                <Button onClick={() => setChosenId(undefined)}>Cancel</Button>
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
