import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useState } from 'react';
import { nameList } from '../../core/base/words/sentences';
import type { PartSpec } from '../../core/model/kinds/part-spec';
import { useCorrectSheet, useOutdatedBuilds, type CorrectedBuild } from '../state/outdated-builds';
import { refuse } from '../state/refusal-store';
import styles from './PartSheet.module.css';

/** Asks whether a corrected sheet is to reach the builds that are not open, says what it would do there, and takes it back. */
export function OtherBuilds({ part }: { part: PartSpec }) {
  const outdated = useOutdatedBuilds(part);
  const { correct, takeBack } = useCorrectSheet(part);
  const [done, setDone] = useState<readonly CorrectedBuild[]>([]);
  const reach = async () => {
    const corrected = await correct(outdated);
    const left = outdated.filter(({ key }) => corrected.every((each) => each.key !== key));
    if (left.length > 0)
      refuse(
        `The sheet did not get into ${nameList(left.map(({ build }) => build.name))}`,
        'Builds that another window deleted or changed at the same place, or that cannot be read, stay as they were.',
      );
    setDone(corrected);
  };
  const undo = async () => {
    await takeBack(done);
    setDone([]);
  };
  return (
    <>
      {outdated.length > 0 && (
        <div className={styles.other} role="status">
          <p>Stored builds that still have the sheet as it was:</p>
          <ul>
            {outdated.map(({ key, build, effect }) => (
              <li key={key}>
                {build.name}
                {effect && <span className={styles.note}>: {effect}</span>}
              </li>
            ))}
          </ul>
          <Button size="small" onClick={() => void reach()}>
            Use this one in {outdated.length === 1 ? 'it' : `all ${outdated.length}`}
          </Button>
        </div>
      )}
      <Snackbar
        open={done.length > 0}
        autoHideDuration={12_000}
        onClose={(_, reason) => reason !== 'clickaway' && setDone([])}
        message={`The sheet is in ${done.map(({ before }) => before.name).join(', ')} now`}
        action={
          <Button color="inherit" size="small" onClick={() => void undo()}>
            Undo
          </Button>
        }
      />
    </>
  );
}
