import type { Build } from '../../core/plan/build';
import { problemText } from '../../core/file/problem';
import { readBuildFile } from '../../core/file/read-file';
import { useLocker } from './locker-store';
import { openSeen, repository } from './saving';

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
} as const;

export type DemoId = keyof typeof demos;

/** Stores a build as a new record and opens it. */
export async function addAndOpen(build: Build): Promise<void> {
  const key = await repository.add(build);
  await repository.setLastOpen(key);
  openSeen(key, { build, revision: 1 });
}

export async function openDemo(id: DemoId): Promise<void> {
  const { default: text } = await demos[id].load();
  const read = readBuildFile(text);
  if (!read.ok) throw new Error(`demo ${id}: ${problemText(read.problem)}`);
  await addAndOpen(read.value);
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

/** What was open last, or the tug as planned on a first start. */
export async function openAtStart(): Promise<void> {
  await useLocker.getState().load();
  const key = await repository.lastOpen();
  if (key !== undefined && (await openStored(key)) === undefined) return;
  await openDemo('harbour-tug-as-planned');
}
