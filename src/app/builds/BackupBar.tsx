import Button from '@mui/material/Button';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { fileSuffix } from '../../core/model/file/read-file';
import { downloadBackup, importFile } from '../shell/import-export';
import { refuse } from '../state/refusal-store';
import { mayBeCleared } from '../state/persistence';
import { repository } from '../state/saving';
import styles from './BuildsScreen.module.css';

/** Days of work after which a backup is asked for. */
const remindAfterDays = 14;

/** Everything to one file and back, and how old the last one is. */
export function BackupBar({ newest }: { newest: string | undefined }) {
  const input = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const { data: last } = useQuery({
    queryKey: ['last-backup'],
    queryFn: async () => (await repository.lastBackup()) ?? null,
  });
  const { data: isAtRisk } = useQuery({ queryKey: ['may-be-cleared'], queryFn: mayBeCleared });
  const save = async () => {
    await downloadBackup();
    await queries.invalidateQueries({ queryKey: ['last-backup'] });
  };
  const take = async (files: readonly File[]) => {
    for (const file of files) {
      const why = await importFile(file);
      if (why !== undefined) refuse(`${file.name} cannot be brought in`, why);
    }
    await queries.invalidateQueries({ queryKey: ['builds-with-content'] });
  };
  const isStale =
    last != null &&
    newest !== undefined &&
    Date.parse(newest) - Date.parse(last) > remindAfterDays * 86_400_000;
  return (
    <section className={styles.backup} aria-label="Backup">
      <p className={styles.about}>
        {last == null ? 'No backup yet. ' : `Last backup ${last.slice(0, 10)}. `}
        {isStale && <strong>Work since then lives in this browser alone. </strong>}
        Builds live in this browser only: clearing its data, or removing the installed application with them,
        clears them{isAtRisk ? ', and it may clear them by itself when the disk is full' : ''}. A backup file
        holds them all, with outings, ticks and the locker.
      </p>
      <Button size="small" variant={isStale ? 'contained' : 'outlined'} onClick={() => void save()}>
        Save a backup
      </Button>
      <Button size="small" onClick={() => input.current?.click()}>
        Bring in files…
      </Button>
      <input
        ref={input}
        type="file"
        hidden
        multiple
        accept={`${fileSuffix},.json`}
        aria-label="Backup or build files to bring in"
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files.length > 0) void take(files);
        }}
      />
    </section>
  );
}
