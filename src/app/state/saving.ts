import { create } from 'zustand';
import { BuildRepository } from '../../storage/build-repository';
import { database } from './database';
import { useBuildStore } from './build-store';

export const repository = new BuildRepository(database);

export type SaveState = 'saved' | 'saving' | 'failed';

export const useSaveState = create<{ state: SaveState }>()(() => ({ state: 'saved' }));

let writing = Promise.resolve();

/** Saves each change as it is made, one write after another. Returns a function that stops it. */
export function saveEachChange(): () => void {
  return useBuildStore.subscribe((now, before) => {
    if (!now.build || now.build === before.build || now.recordKey !== before.recordKey) return;
    const { recordKey, build } = now;
    useSaveState.setState({ state: 'saving' });
    writing = writing
      .then(() => repository.save(recordKey, build))
      .then(() => {
        if (useBuildStore.getState().build === build) useSaveState.setState({ state: 'saved' });
      })
      .catch(() => useSaveState.setState({ state: 'failed' }));
  });
}
