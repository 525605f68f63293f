import { nanoid } from 'nanoid';
import type { Build } from '../../core/model/plan/build';
import { problemText } from '../../core/base/validation/problem';
import { readBuildFile } from '../../core/model/file/read-file';
import { storageTrouble } from '../../storage/storage-trouble';
import { useLocker } from './locker-store';
import { openInStore } from './build-store';
import { refuse } from './refusal-store';
import { openSeen, repository, useSaveState } from './saving';

/** The demo builds that ship with the application. */
export const demos = {
  'harbour-tug-as-planned': {
    name: 'Harbour tug, as planned',
    load: () => import('../../../demo/harbour-tug-as-planned.dryhull.json?raw'),
  },
  'harbour-tug': {
    name: 'Harbour tug, put right',
    load: () => import('../../../demo/harbour-tug.dryhull.json?raw'),
  },
  'salt-flat-yacht': {
    name: 'Salt-flat yacht',
    load: () => import('../../../demo/salt-flat-yacht.dryhull.json?raw'),
  },
  'field-tractor': {
    name: 'Field tractor',
    load: () => import('../../../demo/field-tractor.dryhull.json?raw'),
  },
  'survey-catamaran': {
    name: 'Survey catamaran',
    load: () => import('../../../demo/survey-catamaran.dryhull.json?raw'),
  },
  'touring-car': {
    name: 'Touring car',
    load: () => import('../../../demo/touring-car.dryhull.json?raw'),
  },
  'rock-crawler': {
    name: 'Rock crawler',
    load: () => import('../../../demo/rock-crawler.dryhull.json?raw'),
  },
  'quarry-excavator': {
    name: 'Quarry excavator',
    load: () => import('../../../demo/quarry-excavator.dryhull.json?raw'),
  },
} as const;

export type DemoId = keyof typeof demos;

/** Stores a build as a new record and opens it. */
export async function addAndOpen(build: Build): Promise<void> {
  const key = await repository.add(build);
  await repository.setLastOpen(key);
  openSeen(key, { build, revision: 1 });
}

export async function openDemo(id: DemoId): Promise<void> {
  await addAndOpen(await readDemo(id));
}

async function readDemo(id: DemoId): Promise<Build> {
  const { default: text } = await demos[id].load();
  const read = readBuildFile(text);
  if (!read.ok) throw new Error(`demo ${id}: ${problemText(read.problem)}`);
  return read.value;
}

/** Opens a stored build. @returns what is wrong with it, if it cannot be opened */
export async function openStored(key: string): Promise<string | undefined> {
  const read = await repository.loadSeen(key);
  if (!read.ok) return problemText(read.problem);
  await repository.setLastOpen(key);
  openSeen(key, read.value);
  return undefined;
}

/** Opens the newest build but one, or a demo where there is none: something is always open. */
export async function openAnother(than: string): Promise<void> {
  for (const { key } of await repository.list())
    if (key !== than && (await openStored(key)) === undefined) return;
  await openDemo('harbour-tug-as-planned');
}

/**
 * What was open last, or the tug as planned on a first start; without a store that one, in memory alone.
 * @returns whether what was open last is there and cannot be opened, so that another one is
 */
export async function openAtStart(): Promise<boolean> {
  try {
    return await openFromStore();
  } catch (error) {
    openInStore(nanoid(), await readDemo('harbour-tug-as-planned'));
    useSaveState.setState({ state: 'failed', why: storageTrouble(error) });
    return false;
  }
}

async function openFromStore(): Promise<boolean> {
  await useLocker.getState().load();
  const key = await repository.lastOpen();
  const trouble = key === undefined ? undefined : await openStored(key);
  if (key !== undefined && trouble === undefined) return false;
  const stored = (await repository.list()).find((each) => each.key === key);
  if (key !== undefined && stored) {
    await openAnother(key);
    refuse(
      `${stored.name} could not be opened`,
      `${trouble}. It lies in the list as it was; another build is open.`,
    );
    return true;
  }
  (await import('./shipped-picture')).keepShipped();
  await openDemo('harbour-tug-as-planned');
  return false;
}
