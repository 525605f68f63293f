import { readText } from '../shell/read-text';
import Button from '@mui/material/Button';
import { fileSuffix } from '../../core/model/file/read-file';
import { readLockerFile, writeLockerFile } from '../../core/model/file/locker-file';
import { problemText } from '../../core/base/validation/problem';
import { starterLocker } from '../../core/model/starter/starter-locker';
import { downloadText } from '../shell/build-files';
import { refuse } from '../state/refusal-store';
import { useLocker } from '../state/locker-store';
import { FileButton } from '../shell/FileButton';

const starterIds = new Set(starterLocker.map((part) => part.id));

/** Takes the locker out as a file, and parts in from one. */
export function LockerFile() {
  const { items, saveAll } = useLocker();
  const take = async (file: File) => {
    const text = await readText(file);
    const read = text.ok ? readLockerFile(text.value, starterIds) : text;
    if (read.ok) await saveAll(read.value);
    else refuse(`${file.name} cannot be imported`, problemText(read.problem));
  };
  return (
    <>
      <FileButton
        label="Locker file to import"
        accept={`${fileSuffix},.json`}
        onTake={(file) => void take(file)}
      >
        Import parts…
      </FileButton>
      <Button
        size="small"
        sx={{ minWidth: 0 }}
        onClick={() => downloadText(`locker${fileSuffix}`, writeLockerFile(items), 'application/json')}
      >
        Export
      </Button>
    </>
  );
}
