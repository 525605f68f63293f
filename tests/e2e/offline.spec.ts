import { expect, test, type Page } from '@playwright/test';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createServer } from '../../server/create-server';
import { openTug, saved, well } from './tug';

test.use({ serviceWorkers: 'allow' });

/** Serves a built application, and visits it until it would do without the server. */
async function visit(page: Page, built: string) {
  const server = createServer(built).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  await page.goto(`${address}/brief`);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  const close = () => {
    server.closeAllConnections();
    server.close();
  };
  return { address, close };
}

test('after the first visit everything works with the server gone, screens that were never opened too', async ({
  page,
}) => {
  const { address, close } = await visit(page, path.resolve('dist/app'));
  // What reads photographs is kept once a photograph was read.
  const files = ['worker.min.js', 'tesseract-core-simd-lstm.wasm.js', 'eng.traineddata.gz'];
  const sizes = () =>
    page.evaluate(
      (names) =>
        Promise.all(
          names.map(async (name) => (await (await fetch(`/ocr/${name}`)).arrayBuffer()).byteLength),
        ),
      files,
    );
  const online = await sizes();
  await expect
    .poll(() => page.evaluate(async () => (await (await caches.open('label-reader')).keys()).length))
    .toBe(files.length);
  close();
  expect(await sizes()).toEqual(online);

  await openTug(page, `${address}/loom`);
  await expect(well(page, 'Connection')).toContainText('4 stop');
  await page.getByRole('link', { name: /Trial/ }).click();
  await expect(page.getByText(/The receiver browns out/).first()).toBeVisible();
  await page.getByRole('link', { name: /Locker/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Locker/ })).toBeVisible();
  await page.getByRole('link', { name: /Brief/ }).click();
  await page.getByLabel('Mass, kg').fill('5');
  await page.getByLabel('Mass, kg').blur();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Mass, kg')).toHaveValue('5');
});

test('a newer version waits until it is taken, and is then taken whole', async ({ page }) => {
  const built = mkdtempSync(path.join(tmpdir(), 'dry-hull-built-'));
  cpSync('dist/app', built, { recursive: true });
  const { close } = await visit(page, built);
  const change = (name: string, by: (text: string) => string) => {
    const before = readFileSync(path.join(built, name), 'utf8');
    expect(by(before)).not.toBe(before);
    writeFileSync(path.join(built, name), by(before));
  };
  change('index.html', (text) => text.replace('<html', '<html data-version="newer"'));
  change('sw.js', (text) => text.replace(/(index\.html",revision:")\w+/, '$1newer'));

  await page.reload();
  await expect(page.getByText('A newer version of Dry Hull is here')).toBeVisible();
  await page.reload();
  await expect(page.locator('html[data-version]')).toHaveCount(0);
  await page.getByLabel('Mass, kg').fill('5');
  await page.getByLabel('Mass, kg').blur();
  await saved(page);
  await page.getByRole('button', { name: 'Take the new version' }).click();
  await expect(page.locator('html[data-version=newer]')).toBeAttached();
  await expect(page.getByLabel('Mass, kg')).toHaveValue('5');
  close();
  rmSync(built, { recursive: true, force: true });
});
