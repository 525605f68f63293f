import { describe, expect, it } from 'vitest';
import { demoBuild } from '../../../../tests/kit/demo-builds';
import type { LockerItem } from '../kinds/locker-item';
import { starterPart } from '../starter/starter-locker';
import { readBackup, writeBackup, type Backup } from './backup-file';
import { openFile, readBuildFile } from './read-file';
import { besideOthers, restorePlan } from './restore-plan';

const servo = starterPart('servo-standard');
const starterIds = new Set([servo.id]);
const locker: LockerItem[] = [
  { part: { ...servo, id: 'own-1' }, state: 'own', price: 12.5, isStarter: false },
  { part: servo, state: 'mightBuy', isStarter: true },
];
const backup: Backup = {
  madeAt: '2026-11-26T08:00:00.000Z',
  builds: ['harbour-tug', 'salt-flat-yacht'].map((name) => ({
    savedAt: '2026-11-25T08:00:00.000Z',
    build: demoBuild(name),
  })),
  locker,
};
const text = writeBackup(backup);

function read(of: string) {
  const opened = openFile(of);
  if (!opened.ok) throw new Error(opened.problem.why);
  expect(opened.value.kind).toBe('backup');
  return readBackup(opened.value.content, starterIds);
}

function changed(change: (file: { backup: Record<string, unknown> & { builds: object[] } }) => void): string {
  const file = JSON.parse(text) as { backup: Record<string, unknown> & { builds: object[] } };
  change(file);
  return JSON.stringify(file);
}

describe('a backup', () => {
  it('holds every build and the locker, and gives them back', () => {
    expect(read(text)).toEqual({ ok: true, value: { ...backup, unread: [] } });
    const again = read(text);
    expect(again.ok && writeBackup(again.value)).toBe(text);
  });

  it('is told apart from a build', () => {
    const asBuild = readBuildFile(text);
    expect(!asBuild.ok && asBuild.problem.why).toBe('this is a backup file; a build file was expected');
  });

  it('gives back the other builds where one is spoilt, and says which is', () => {
    const back = read(
      changed((file) => (file.backup.builds[0] = { savedAt: '', build: { name: 'Old tug' } })),
    );
    expect(back).toMatchObject({
      ok: true,
      value: { builds: [backup.builds[1]], unread: [{ where: 'Old tug', why: 'savedAt: must be a date' }] },
    });
  });

  it.each([
    ['no list', (file: { backup: Record<string, unknown> }) => (file.backup.builds = 3), 'backup.builds'],
    [
      'no date',
      (file: { backup: Record<string, unknown> }) => (file.backup.madeAt = 'once'),
      'backup.madeAt',
    ],
    [
      'a locker of text',
      (file: { backup: Record<string, unknown> }) => (file.backup.locker = 'x'),
      'backup.locker',
    ],
    ['a stray field', (file: { backup: Record<string, unknown> }) => (file.backup.extra = 1), 'backup.extra'],
  ])('is refused with %s', (_, change, where) => {
    expect(read(changed(change))).toMatchObject({ ok: false, problem: { where } });
  });
});

describe('bringing a backup in', () => {
  it('tells what is new, what is here already, and what is here in another state', () => {
    const [tug, yacht] = backup.builds.map((entry) => entry.build) as [
      (typeof backup.builds)[0]['build'],
      (typeof backup.builds)[0]['build'],
    ];
    const plan = restorePlan(backup, [
      { key: 'a', build: structuredClone(tug) },
      { key: 'b', build: { ...yacht, name: 'Renamed' } },
    ]);
    expect(plan.map(({ state, others }) => [state, others])).toEqual([
      ['same', []],
      ['differs', ['b']],
    ]);
    expect(restorePlan(backup, []).map(({ state }) => state)).toEqual(['new', 'new']);
    expect(plan.map((step) => besideOthers(step).name)).toEqual([tug.name, `${yacht.name}, from a backup`]);
  });
});
