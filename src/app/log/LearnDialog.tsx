import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { MovedFigure } from '../../core/bench/calibration/calibrate';
import type { LogReading } from '../../core/model/plan/log-entry';
import type { Patch } from '../../core/model/plan/patch';
import type { TrialTask } from '../../core/desk/trial/trial-task';
import { PatchPreviewNote } from '../findings/PatchPreviewNote';
import { useBuildStore } from '../state/build-store';
import { usePreviews } from '../state/use-offers';
import { useCalibration } from './log-query';
import { SavableTable } from '../lists/SavableTable';
import styles from './LogStation.module.css';

interface LearnDialogProps {
  task: TrialTask;
  readings: readonly LogReading[];
  onClose: () => void;
}

/** What readings make of the estimates: each figure before and after, what changes, what nothing explains. */
export function LearnDialog({ task, readings, onClose }: LearnDialogProps) {
  const { data, error } = useCalibration(task, readings);
  const apply = useBuildStore((store) => store.apply);
  const found = data?.ok ? data.value : undefined;
  const patch: Patch | undefined = found && {
    id: 'learn',
    label: 'Learn from readings',
    edits: found.measured.map((measured) => ({ type: 'measure', measured })),
  };
  const preview = usePreviews(patch && patch.edits.length > 0 ? [patch] : []).get('learn');
  const shown = [...(found?.figures ?? [])].sort(byMove).slice(0, mostShown);
  const odd = found?.readings.filter(({ isExplained }) => !isExplained) ?? [];
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="learn-title">
      <DialogTitle id="learn-title">Learn from these readings</DialogTitle>
      <DialogContent>
        {error ? (
          <p role="alert">It could not be worked out: {error.message}. Nothing was changed.</p>
        ) : !data ? (
          <p role="status">Trying each estimate against what was read…</p>
        ) : !found ? (
          <p role="alert">Nothing to learn: {data.ok ? '' : data.problem}.</p>
        ) : (
          <>
            {odd.length > 0 && (
              <div className={styles.odd} role="alert">
                {odd.map(({ what, name, value, unit, before }) => (
                  <p key={what}>
                    <strong>
                      No estimate explains {name.charAt(0).toLowerCase() + name.slice(1)}: {value} {unit},
                      where the plan says {Number(before.toPrecision(3))} {unit}.
                    </strong>{' '}
                    Read it once more. If it stays, look for a fault: a joint, a plug, a part that drags. It
                    is left out here.
                  </p>
                ))}
              </div>
            )}
            {found.figures.length === 0 ? (
              <p>
                {odd.length === found.readings.length
                  ? 'Nothing is left to learn from.'
                  : 'The plan already says what was read, as near as the errors allow: nothing has to move.'}
              </p>
            ) : (
              <SavableTable name="learnt">
                <table className={styles.moved}>
                  <caption>Estimates before, and this model now</caption>
                  <thead>
                    <tr>
                      <th scope="col">Figure</th>
                      <th scope="col">Moves by</th>
                      <th scope="col">How sure</th>
                    </tr>
                  </thead>
                  <tbody>
                    {shown.map((figure) => (
                      <tr key={figure.key}>
                        <td>{figure.words}</td>
                        <td className="figure">{moveWords(figure)}</td>
                        <td className="figure">
                          ±{percent(2 * figure.priorSigma)} → ±{percent(2 * figure.sigma)}
                        </td>
                      </tr>
                    ))}
                  </tbody>
                </table>
              </SavableTable>
            )}
            {found.figures.length > shown.length && (
              <p className={styles.facts}>
                And {found.figures.length - shown.length} more, each by less than these.
              </p>
            )}
            {preview && (preview.gone.length > 0 || preview.come.length > 0) && (
              <PatchPreviewNote preview={{ ...preview, changes: [] }} />
            )}
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        {patch && patch.edits.length > 0 && (
          <Button
            variant="contained"
            onClick={() => {
              if (apply('learn from readings', patch.edits)) onClose();
            }}
          >
            Take it into the plan
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

/** Figures that anybody reads through. */
const mostShown = 8;

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const moveOf = ({ prior, posterior }: MovedFigure): number => posterior / prior;
const byMove = (a: MovedFigure, b: MovedFigure): number =>
  Math.abs(Math.log(moveOf(b))) - Math.abs(Math.log(moveOf(a)));

function moveWords(figure: MovedFigure): string {
  const share = moveOf(figure) - 1;
  return `${share < 0 ? '−' : '+'}${Math.abs(100 * share).toFixed(0)} %`;
}
