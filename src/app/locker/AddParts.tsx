import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { nanoid } from 'nanoid';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { counted } from '../../core/base/words/sentences';
import { fitAll } from '../../core/desk/label/fit-labelled';
import { partFromLabel, type LabelledPart } from '../../core/desk/label/label-part';
import { figureWords } from '../../core/desk/label/label-words';
import { readLines } from '../../core/desk/label/read-lines';
import type { LabelKind } from '../../core/desk/label/reading';
import { applyAndSay } from '../state/done-store';
import { useLocker } from '../state/locker-store';
import { useBuild } from '../state/shown-build';
import { figuresOf, LabelRow, type LinePhoto, type Row } from './LabelRow';
import styles from './AddParts.module.css';

/** What reads photographs is large, and loaded when there is a dialog to use it. */
const LabelPhoto = lazy(async () => ({ default: (await import('./LabelPhoto')).LabelPhoto }));

interface AddPartsProps {
  onClose: () => void;
  /** A sheet of which nothing is filled in; not offered where there is no room to show one. */
  onEmptySheet?: () => void;
}

/** Parts typed as they are printed, a line each: what was read of each is shown before any is added. */
export default function AddParts({ onClose, onEmptySheet }: AddPartsProps) {
  const build = useBuild();
  const save = useLocker((state) => state.save);
  const [text, setText] = useState('');
  const [kinds, setKinds] = useState<Record<string, LabelKind>>({});
  /** By the line that came of it: a line that was changed by hand is one that was typed. */
  const [photos, setPhotos] = useState<Record<string, LinePhoto>>({});
  const pictures = useRef<string[]>([]);
  useEffect(() => () => pictures.current.forEach((picture) => URL.revokeObjectURL(picture)), []);
  const rows = useMemo(() => {
    // What has one label has one sheet.
    const known = new Map<string, LabelledPart>();
    return readLines(text, kinds).map((row): Row => {
      const labelled =
        row.reading && (known.get(row.line) ?? partFromLabel(row.reading, row.line, `own-${nanoid(8)}`));
      if (labelled) known.set(row.line, labelled);
      return { ...row, labelled, photo: photos[row.line] };
    });
  }, [text, kinds, photos]);
  const unseen = rows.flatMap((row) =>
    row.photo ? figuresOf(row).filter((figure) => !row.photo?.seen.has(figureWords(figure))) : [],
  );
  const parts = rows.flatMap(({ labelled, count }) =>
    labelled ? Array.from({ length: count }, () => labelled.part) : [],
  );
  /** A line that is changed by hand stays of the kind that was chosen for it. */
  const retype = (typed: string) => {
    const linesOf = (all: string) => readLines(all).map(({ line }) => line);
    const [before, after] = [linesOf(text), linesOf(typed)] as const;
    const changed = before.length === after.length ? before.findIndex((line, n) => line !== after[n]) : -1;
    const kind = kinds[before[changed] ?? ''];
    if (kind) setKinds((all) => ({ ...all, [after[changed]!]: kind }));
    setText(typed);
  };
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
          onChange={({ target }) => retype(target.value)}
        />
        <Suspense>
          <LabelPhoto
            onRead={(line, picture) => {
              // A line that begins with a number of parts stands without it in its row.
              const [row] = readLines(line);
              pictures.current.push(picture);
              setPhotos((all) => ({ ...all, [row?.line ?? line]: { picture, seen: new Set() } }));
              setText((typed) => (typed.trim() === '' ? line : `${typed.trimEnd()}\n${line}`));
            }}
          />
        </Suspense>
        <ul className={styles.rows} aria-label="What was read">
          {rows.map((row, n) => (
            <LabelRow
              key={n}
              row={row}
              onKind={(kind) => setKinds((all) => ({ ...all, [row.line]: kind }))}
              onSeen={(words) => setPhotos((all) => toggled(all, row.line, words))}
            />
          ))}
        </ul>
        {unseen.length > 0 && (
          <p className={styles.toTick} role="status">
            Tick {counted(unseen.length, 'figure')} that you see in the photo; correct the line above where it
            reads otherwise.
          </p>
        )}
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
        <Button disabled={parts.length === 0 || unseen.length > 0} onClick={() => void keep().then(onClose)}>
          Add to locker
        </Button>
        <Button
          variant="contained"
          disabled={parts.length === 0 || unseen.length > 0 || isBusy}
          onClick={() => void addToBuild()}
        >
          Add to this build
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** Photographs of lines, with one figure of one line seen in it, or no more. */
function toggled(
  photos: Readonly<Record<string, LinePhoto>>,
  line: string,
  words: string,
): Record<string, LinePhoto> {
  const photo = photos[line];
  if (!photo) return photos;
  const seen = new Set(photo.seen);
  if (!seen.delete(words)) seen.add(words);
  return { ...photos, [line]: { ...photo, seen } };
}
