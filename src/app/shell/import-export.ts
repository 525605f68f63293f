import { readBackup, writeBackup } from '../../core/model/file/backup-file';
import { isObject } from '../../core/base/validation/is-object';
import { readLocker } from '../../core/model/file/locker-file';
import { problemText } from '../../core/base/validation/problem';
import { fileSuffix, openFile, readBuild } from '../../core/model/file/read-file';
import { starterLocker } from '../../core/model/starter/starter-locker';
import { showBackup } from '../state/backup-store';
import { useLocker } from '../state/locker-store';
import { addAndOpen } from '../state/open-build';
import { tell } from '../state/refusal-store';
import { repository } from '../state/saving';
import { downloadText } from './build-files';
import { readText } from './read-text';

const starterIds = new Set(starterLocker.map((part) => part.id));

/**
 * Takes a file in by what it is: a build becomes a new one and is opened, parts go into the locker, a backup is shown
 * before anything of it is taken. @returns what is wrong with it, if it was refused
 */
export async function importFile(file: File): Promise<string | undefined> {
  const text = await readText(file);
  const opened = text.ok ? openFile(text.value) : text;
  if (!opened.ok) return problemText(opened.problem);
  const { kind, content } = opened.value;
  if (kind === 'backup') {
    const backup = readBackup(content, starterIds);
    if (!backup.ok) return problemText(backup.problem);
    showBackup(backup.value);
    return undefined;
  }
  if (kind === 'locker') {
    const items = readLocker(content, starterIds);
    if (!items.ok) return problemText(items.problem);
    await useLocker.getState().saveAll(items.value);
    tell('Parts taken into the locker', `${items.value.length} from ${file.name}.`);
    return undefined;
  }
  if (!isObject(content)) return problemText({ where: 'build', why: 'is missing' });
  const build = readBuild(content);
  if (!build.ok) return problemText(build.problem);
  await addAndOpen(build.value);
  return undefined;
}

/** Hands everything in this browser to the browser as one file: builds that can be read, and the locker. */
export async function downloadBackup(): Promise<void> {
  const records = await repository.listWithBuilds();
  const madeAt = new Date().toISOString();
  const builds = records.flatMap(({ record: { savedAt, build }, problem }) =>
    problem ? [] : [{ savedAt, build }],
  );
  const text = writeBackup({ madeAt, builds, locker: [...useLocker.getState().items] });
  downloadText(`dry-hull-backup-${madeAt.slice(0, 10)}${fileSuffix}`, text, 'application/json');
  await repository.setLastBackup(madeAt);
  const unread = records.length - builds.length;
  if (unread > 0)
    tell(
      'Not everything is in the backup',
      `${unread} stored ${unread === 1 ? 'build' : 'builds'} could not be read and ${unread === 1 ? 'is' : 'are'} left out: save ${unread === 1 ? 'its file' : 'their files'} one by one.`,
    );
}
