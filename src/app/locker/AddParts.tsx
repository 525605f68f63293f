import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { counted } from '../../core/base/words/sentences';
import { fitAll } from '../../core/desk/label/fit-labelled';
import { partFromLabel, type LabelledPart } from '../../core/desk/label/label-part';
import { figureWords } from '../../core/desk/label/label-words';
import { presumedWords } from '../../core/model/kinds/presumed';
import { presumedFigures } from '../../core/model/kinds/usual-sheet';
import { readLines, type ReadLine } from '../../core/desk/label/read-lines';
import { labelKinds, type LabelKind } from '../../core/desk/label/reading';
import { applyAndSay } from '../state/done-store';
import { useLocker } from '../state/locker-store';
import { useBuild } from '../state/shown-build';
import styles from './AddParts.module.css';

/** What a kind is called on a label. */
const kindNames: Record<LabelKind, string> = {
  motor: 'motor',
  controller: 'speed controller (ESC)',
  pack: 'battery pack',
  servo: 'servo',
  receiver: 'receiver',
  transmitter: 'transmitter',
  regulator: 'BEC',
  load: 'lamp, pump, sound …',
  switch: 'switch',
  fuse: 'fuse',
  cable: 'lead or adapter',
};

interface AddPartsProps {
  onClose: () => void;
  /** A sheet of which nothing is filled in; not offered where there is no room to show one. */
  onEmptySheet?: () => void;
}

interface Row extends ReadLine {
  labelled: LabelledPart | undefined;
}

/** Parts typed as they are printed, a line each: what was read of each is shown before any is added. */
export default function AddParts({ onClose, onEmptySheet }: AddPartsProps) {
  const build = useBuild();
  const save = useLocker((state) => state.save);
  const [text, setText] = useState('');
  const [kinds, setKinds] = useState<Record<string, LabelKind>>({});
  const rows = useMemo(() => {
    // What has one label has one sheet.
    const known = new Map<string, LabelledPart>();
    return readLines(text, kinds).map((row): Row => {
      const labelled =
        row.reading && (known.get(row.line) ?? partFromLabel(row.reading, row.line, `own-${nanoid(8)}`));
      if (labelled) known.set(row.line, labelled);
      return { ...row, labelled };
    });
  }, [text, kinds]);
  const parts = rows.flatMap(({ labelled, count }) =>
    labelled ? Array.from({ length: count }, () => labelled.part) : [],
  );
  const keep = async () => {
    for (const part of new Set(parts)) await save({ part, state: 'own', isStarter: false });
  };
  const [isBusy, setIsBusy] = useState(false);
  const addToBuild = async () => {
    setIsBusy(true);
    await keep();
    const said = counted(parts.length, 'part');
    applyAndSay(`add ${said}`, fitAll(build, parts), `Added to ${build.name}: ${said}`);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="add-parts-title">
      <DialogTitle id="add-parts-title">Add parts from their labels</DialogTitle>
      <DialogContent>
        <TextField
          fullWidth
          multiline
          minRows={3}
          maxRows={8}
          margin="dense"
          label="One part per line, as printed"
          placeholder={'540 brushed 21T\n60A brushed ESC 2-3S BEC 6V 3A\n20kg servo 6-7.4V'}
          value={text}
          slotProps={{ htmlInput: { maxLength: 6000, spellCheck: false } }}
          onChange={({ target }) => setText(target.value)}
        />
        <ul className={styles.rows} aria-label="What was read">
          {rows.map((row, n) => (
            <LabelRow
              key={n}
              row={row}
              onKind={(kind) => setKinds((all) => ({ ...all, [row.line]: kind }))}
            />
          ))}
        </ul>
      </DialogContent>
      <DialogActions>
        {onEmptySheet && (
          <Button
            sx={{ marginRight: 'auto' }}
            onClick={() => {
              onClose();
              onEmptySheet();
            }}
          >
            Empty sheet
          </Button>
        )}
        <Button onClick={onClose}>Cancel</Button>
        <Button disabled={parts.length === 0} onClick={() => void keep().then(onClose)}>
          Add to locker
        </Button>
        <Button variant="contained" disabled={parts.length === 0 || isBusy} onClick={() => void addToBuild()}>
          Add to this build
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function LabelRow({ row, onKind }: { row: Row; onKind: (kind: LabelKind) => void }) {
  const { line, count, reading, labelled, problem } = row;
  const refused = labelled?.refused ?? [];
  const unread = [...(reading?.unread ?? []), ...refused.map(({ from }) => from)];
  return (
    <li className={styles.row}>
      <TextField
        select
        size="small"
        className={styles.kind}
        value={reading?.kind ?? ''}
        slotProps={{ select: { native: true }, htmlInput: { 'aria-label': `Kind of ${line}` } }}
        onChange={({ target }) => onKind(target.value as LabelKind)}
      >
        {!reading && <option value="">which kind?</option>}
        {labelKinds.map((kind) => (
          <option key={kind} value={kind}>
            {kindNames[kind]}
          </option>
        ))}
      </TextField>
      <div>
        <p className={styles.line}>{count > 1 ? `${count} × ${line}` : line}</p>
        {problem && <p className={styles.unread}>Not read: {problem}.</p>}
        {reading && (
          <ul className={styles.figures}>
            {reading.figures
              .filter((figure) => !refused.includes(figure))
              .map((figure, n) => (
                <li key={n} title={`from “${figure.from}”`}>
                  {figureWords(figure)}
                </li>
              ))}
            {labelled &&
              presumedFigures(labelled.part).map((figure) => (
                <li key={`presumed ${figure.name}`} className={styles.presumed} title={figure.why}>
                  {presumedWords(figure)}
                </li>
              ))}
          </ul>
        )}
        {unread.length > 0 && <p className={styles.unread}>Not understood: {unread.join(', ')}</p>}
      </div>
    </li>
  );
}
