import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { newBuild, openTug, putRight, saved, well, undoWritten } from './tug';

const demo = (name: string) => path.join(import.meta.dirname, `../../demo/${name}.dryhull.json`);
const builds = (page: Page) => page.getByRole('main').getByRole('list').first().getByRole('listitem');

test('everything goes out as one file and comes back, chosen build by build', async ({ page }) => {
  await openTug(page);
  await page.getByLabel('Build file to import').setInputFiles(demo('salt-flat-yacht'));
  await expect(page.getByRole('button', { name: 'Build: Salt-flat yacht' })).toBeVisible();
  await page.goto('/builds');
  await expect(page.getByText('No backup yet.')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a backup' }).click();
  const file = await (await download).path();
  await expect(page.getByText(/^Last backup/)).toBeVisible();

  await page.getByRole('button', { name: 'Rename Salt-flat yacht' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Pond yacht');
  await page.getByLabel('Name', { exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Delete Harbour tug, as planned' }).click();
  await expect(builds(page)).toHaveCount(1);
  await page.getByLabel('Backup or build files to bring in').setInputFiles({
    name: 'backup.dryhull.json',
    mimeType: 'application/json',
    buffer: readFileSync(file),
  });
  const dialog = page.getByRole('dialog', { name: /^Backup of/ });
  await expect(dialog.getByRole('listitem').filter({ hasText: 'Harbour tug' })).toContainText(
    'not in this browser',
  );
  await expect(dialog.getByRole('listitem').filter({ hasText: 'yacht' })).toContainText(
    'another state of it is here',
  );
  await dialog.getByRole('button', { name: 'Bring in 2' }).click();
  await expect(builds(page)).toHaveCount(3);
  await expect(builds(page).filter({ hasText: 'Salt-flat yacht, from a backup' })).toHaveCount(1);
  await expect(builds(page).filter({ hasText: 'Pond yacht' })).toHaveCount(1);
});

test('a deleted build waits, and comes back as it was', async ({ page }) => {
  await openTug(page);
  await page.goto('/builds');
  await page.getByRole('button', { name: 'Delete Harbour tug, as planned' }).click();
  await expect(page.getByText('Harbour tug, as planned was deleted')).toBeVisible();
  await page.reload();
  const deleted = page.getByRole('region', { name: 'Deleted, kept for a month' });
  await deleted.getByRole('button', { name: 'Put Harbour tug, as planned back' }).click();
  await expect(deleted).toHaveCount(0);
  await expect(builds(page).filter({ hasText: 'Harbour tug, as planned' })).toHaveCount(2);
});

test('what can be read of a spoilt build is kept, and the rest told; the spoilt one stays', async ({
  page,
}) => {
  await openTug(page);
  await saved(page);
  // As an older fault, or another program, might have left it.
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('dry-hull');
        open.onerror = () => reject(new Error('no database'));
        open.onsuccess = () => {
          const writing = open.result.transaction(['builds', 'settings'], 'readwrite');
          const store = writing.objectStore('builds');
          writing.objectStore('settings').put({ name: 'openBuild', value: 'spoilt' });
          const all = store.getAll();
          all.onsuccess = () => {
            const [record] = all.result as [{ key: string; build: { leads: { metres?: object }[] } }];
            record.build.leads[0]!.metres = { value: 'long', provenance: 'measured' };
            store.put({ ...record, key: 'spoilt', name: 'Spoilt tug' });
          };
          writing.oncomplete = () => {
            open.result.close();
            resolve();
          };
        };
      }),
  );
  // It was open last: the start says so, and shows the list.
  await page.goto('/loom');
  const trouble = page.getByRole('dialog', { name: 'Spoilt tug could not be opened' });
  await trouble.getByRole('button').click();
  await expect(page).toHaveURL(/\/builds$/);
  const spoilt = builds(page).filter({ hasText: 'Spoilt tug' });
  await expect(spoilt).toContainText('Cannot be read: build.leads[0].metres');
  await spoilt.getByRole('button', { name: 'Keep what can be read' }).click();
  const told = page.getByRole('dialog', { name: /^The readable part of/ });
  await expect(told).toContainText('Left out: the lead');
  await told.getByRole('button').click();
  await page.getByRole('button', { name: 'Harbour tug, as planned, salvaged', exact: true }).click();
  await expect(well(page, 'Voltage')).toBeVisible();
  await page.goto('/builds');
  await expect(spoilt).toHaveCount(1);
});

test('what was done can be undone after a reload, and in another build meanwhile', async ({ page }) => {
  await openTug(page);
  await putRight(page, /is set to holm link/, /skerry link/);
  await saved(page);
  await undoWritten(page);
  await newBuild(page, 'Other', 'car');
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page
    .getByRole('menuitem', { name: /^Harbour tug, as planned/ })
    .first()
    .click();
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings');
  await page.reload();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(well(page, 'Control')).toContainText('2 stop');
});

test('no screen asks for anything that the policy forbids, or outside', async ({ page, baseURL }) => {
  const refused: string[] = [];
  const strange: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy|Permissions policy/i.test(message.text())) refused.push(message.text());
  });
  page.on('request', (request) => {
    if (!request.url().startsWith(baseURL!) && !/^(data|blob):/.test(request.url()))
      strange.push(request.url());
  });
  await openTug(page);
  for (const screen of ['brief', 'locker', 'trial', 'fit-out', 'sheet', 'builds?new=1']) {
    await page.goto(`/${screen}`);
    await expect(page.locator('main')).toHaveAttribute('aria-busy', 'false');
  }
  await expect(page.getByRole('dialog', { name: 'New build' })).toHaveCSS('border-radius', /\d/);
  expect(refused).toEqual([]);
  expect(strange).toEqual([]);
});
