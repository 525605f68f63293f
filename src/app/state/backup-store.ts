import { create } from 'zustand';
import type { ReadBackup } from '../../core/model/file/backup-file';

interface BackupState {
  /** A backup that was opened and waits for what is to be taken from it. */
  backup: ReadBackup | undefined;
  close: () => void;
}

export const useBackup = create<BackupState>()((set) => ({
  backup: undefined,
  close: () => set({ backup: undefined }),
}));

/** Shows what is in a backup, so that the person can choose. */
export const showBackup = (backup: ReadBackup): void => useBackup.setState({ backup });
