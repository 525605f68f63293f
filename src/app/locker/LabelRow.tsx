import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import TextField from '@mui/material/TextField';
import type { LabelledPart } from '../../core/desk/label/label-part';
import { figureWords } from '../../core/desk/label/label-words';
import type { ReadLine } from '../../core/desk/label/read-lines';
import { labelKinds, type LabelFigure, type LabelKind } from '../../core/desk/label/reading';
import { presumedWords } from '../../core/model/kinds/presumed';
import { presumedFigures } from '../../core/model/kinds/usual-sheet';
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

/** A photograph that a line was read from, and which of its figures a person has seen in it. */
export interface LinePhoto {
  picture: string;
  seen: ReadonlySet<string>;
}

/** A line with the part that comes of it. */
export interface Row extends ReadLine {
  labelled: LabelledPart | undefined;
  photo: LinePhoto | undefined;
}

/** Figures of a row that its part takes over. */
export const figuresOf = ({ reading, labelled }: Row): LabelFigure[] =>
  (reading?.figures ?? []).filter((figure) => !labelled?.refused.includes(figure));

interface LabelRowProps {
  row: Row;
  onKind: (kind: LabelKind) => void;
  /** A figure was seen in the photograph after all, or not. */
  onSeen: (words: string) => void;
}

/** One part as its label says it: each figure with the words it was read from, what is usual beside it, and the rest. */
export function LabelRow({ row, onKind, onSeen }: LabelRowProps) {
  const { line, count, reading, labelled, problem, photo } = row;
  const unread = [...(reading?.unread ?? []), ...(labelled?.refused ?? []).map(({ from }) => from)];
  return (
    <li className={styles.row}>
      <div>
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
        {photo && <img className={styles.photo} src={photo.picture} alt={`Label: ${line}`} />}
      </div>
      <div>
        <p className={styles.line}>{count > 1 ? `${count} × ${line}` : line}</p>
        {problem && <p className={styles.unread}>Not read: {problem}.</p>}
        {reading && (
          <ul className={styles.figures}>
            {figuresOf(row).map((figure, n) => {
              const words = figureWords(figure);
              return (
                <li key={n} title={`from “${figure.from}”`}>
                  {photo ? (
                    <FormControlLabel
                      sx={{ mr: 0 }}
                      slotProps={{ typography: { variant: 'body2' } }}
                      control={
                        <Checkbox
                          size="small"
                          sx={{ p: '2px' }}
                          checked={photo.seen.has(words)}
                          onChange={() => onSeen(words)}
                        />
                      }
                      label={words}
                    />
                  ) : (
                    words
                  )}
                </li>
              );
            })}
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
