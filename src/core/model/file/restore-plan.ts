import type { Build } from '../plan/build';
import { isSameBuild } from '../plan/same-build';
import type { BackedUpBuild, Backup } from './backup-file';

/** A stored build, as a backup is held against it. */
export interface Stored {
  key: string;
  build: Build;
}

/** What bringing in a build of a backup would do. */
export interface RestoreStep {
  entry: BackedUpBuild;
  /** `new`: it is not here; `same`: it is, to the letter; `differs`: another state of it is here. */
  state: 'new' | 'same' | 'differs';
  /** The stored builds that are another state of it. */
  others: string[];
}

/** Holds a backup against what is stored, build by build; a build is known by the id of its file. */
export function restorePlan({ builds }: Backup, stored: readonly Stored[]): RestoreStep[] {
  return builds.map((entry) => {
    const here = stored.filter(({ build }) => build.id === entry.build.id);
    if (here.some(({ build }) => isSameBuild(build, entry.build)))
      return { entry, state: 'same', others: [] };
    return {
      entry,
      state: here.length > 0 ? 'differs' : 'new',
      others: here.map(({ key }) => key),
    };
  });
}

/** The build of a step as it is stored beside the state that is here already: its name says where it came from. */
export const besideOthers = ({ entry: { build }, state }: RestoreStep): Build =>
  state === 'differs' ? { ...build, name: `${build.name.slice(0, 60)}, from a backup` } : build;
