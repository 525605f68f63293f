import { expect, test } from '@playwright/test';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { isRemoved, startBrowser } from '../kit/killable-browser';
import { openTug, putRight, saved, well } from './tug';

const demoFile = path.join(import.meta.dirname, '../../demo/harbour-tug-as-planned.dryhull.json');
const rightFile = path.join(import.meta.dirname, '../../demo/harbour-tug.dryhull.json');

test('what was done is there after a reload', async ({ page }) => {
  await openTug(page);
  await putRight(page, /is set to holm link/, /skerry link/);
  await saved(page);
  await page.reload();
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings');
});

test('what was done is there after the browser was killed', async ({ baseURL }) => {
  const profile = mkdtempSync(path.join(tmpdir(), 'dry-hull-profile-'));
  const first = await startBrowser(profile);
  const page = await first.open();
  await openTug(page, `${baseURL}/loom`);
  await putRight(page, /is set to holm link/, /skerry link/);
  await saved(page);
  await first.kill();

  const second = await startBrowser(profile);
  const again = await second.open();
  await again.goto(`${baseURL}/loom`);
  await expect(well(again, 'Control')).toContainText('1 stop, 2 warnings');
  await second.kill();
  // A helper that outlives the killed browser by a moment still writes here.
  await expect.poll(() => isRemoved(profile)).toBe(true);
});

test('a build goes out as a file and comes back the same to the byte', async ({ page }) => {
  await openTug(page);
  const out = async () => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: /^Build:/ }).click();
    await page.getByRole('menuitem', { name: 'Export this build' }).click();
    return readFileSync(await (await download).path(), 'utf8');
  };
  expect(await out()).toBe(readFileSync(demoFile, 'utf8'));
  await page.getByLabel('Build file to import').setInputFiles(rightFile);
  await expect(page.getByRole('button', { name: 'Build: Harbour tug', exact: true })).toBeVisible();
  expect(await out()).toBe(readFileSync(rightFile, 'utf8'));
});

test('a bad file says where and why, and changes nothing', async ({ page }) => {
  await openTug(page);
  const bad = readFileSync(demoFile, 'utf8').replace('"part": "servo-winch"', '"part": "ghost"');
  await page
    .getByLabel('Build file to import')
    .setInputFiles({ name: 'bad.dryhull.json', mimeType: 'application/json', buffer: Buffer.from(bad) });
  const dialog = page.getByRole('dialog', { name: 'bad.dryhull.json cannot be imported' });
  await expect(dialog).toContainText('build.fittings[12].part: no part "ghost" in build.parts');
  await dialog.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(well(page, 'Connection')).toContainText('4 stop');
  await page.getByRole('button', { name: /^Build:/ }).click();
  await expect(page.getByRole('menuitem', { name: /Harbour tug, as planned 20/ })).toHaveCount(1);
});

test('files dropped on the window come in, and those that cannot are told', async ({ page }) => {
  await openTug(page, '/brief');
  const good = readFileSync('demo/salt-flat-yacht.dryhull.json', 'utf8');
  await page.evaluate((text) => {
    const files = new DataTransfer();
    files.items.add(new File(['{ "format": '], 'broken.dryhull.json'));
    files.items.add(new File([text], 'yacht.dryhull.json'));
    window.dispatchEvent(new DragEvent('drop', { dataTransfer: files, bubbles: true, cancelable: true }));
  }, good);
  const told = page.getByRole('dialog', { name: 'A file cannot be imported' });
  await expect(told).toContainText('broken.dryhull.json: line 1');
  await told.getByRole('button', { name: 'Back to the bench' }).click();
  await expect(page.getByRole('button', { name: 'Build: Salt-flat yacht' })).toBeVisible();
});
