import { expect, test } from '@playwright/test';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../../server/create-server';
import { openTug, saved, well } from './tug';

test.use({ serviceWorkers: 'allow' });

test('after the first visit everything works with the server gone, screens that were never opened too', async ({
  page,
}) => {
  const server = createServer(path.resolve('dist/app')).listen(0, '127.0.0.1');
  await once(server, 'listening');
  const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  await page.goto(`${address}/brief`);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  server.closeAllConnections();
  server.close();

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
