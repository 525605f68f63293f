import Button from '@mui/material/Button';
import { kinds } from '../../core/model/kinds';
import type { LockerItem } from '../../core/model/kinds/locker-item';
import { partKinds, type PartKind } from '../../core/model/kinds/part-spec';

interface NoMatchProps {
  kind: PartKind;
  words: string;
  /** Parts of other kinds that the words name. */
  elsewhere: readonly LockerItem[];
  onKind: (kind: PartKind) => void;
}

/** Says that no part of a kind matches, and leads to those of other kinds that do. */
export function NoMatch({ kind, words, elsewhere, onKind }: NoMatchProps) {
  const { one } = kinds[kind].words;
  const others = partKinds.filter((other) => elsewhere.some(({ part }) => part.kind === other));
  return (
    <div role="status">
      <p>
        {words.trim() === '' ? `No ${one} is shown by this choice.` : `No ${one} matches “${words.trim()}”.`}
      </p>
      {words.trim() !== '' &&
        others.map((other) => (
          <Button key={other} size="small" onClick={() => onKind(other)}>
            {kinds[other].words.many} {elsewhere.filter(({ part }) => part.kind === other).length}
          </Button>
        ))}
    </div>
  );
}
