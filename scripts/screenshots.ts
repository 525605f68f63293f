/** Takes the pictures in docs/screenshots from the built application and its demo data. */
import { chromium, type Page } from '@playwright/test';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../server/create-server';

interface Shot {
  name: string;
  path: string;
  bench?: 'light' | 'dark';
  act?: (page: Page) => Promise<void>;
}

const putRight = async (page: Page) => {
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).click();
};

const shots: Shot[] = [
  { name: 'loom-day', path: '/loom' },
  {
    name: 'put-right-preview',
    path: '/loom?well=connection',
    act: async (page) => {
      await page.getByRole('button', { name: /both push onto/ }).click();
      await page.getByRole('button', { name: /^Lift the red wire at the port/ }).click();
    },
  },
  { name: 'loom-night', path: '/loom', bench: 'dark', act: putRight },
  { name: 'loom-table', path: '/loom?view=table' },
  { name: 'fit-out', path: '/fit-out?step=plug:monitor-pan-lead--receiver-3', act: putRight },
];

const root = path.join(import.meta.dirname, '..');
const listener = createServer(path.join(root, 'dist/app')).listen(0, '127.0.0.1');
await once(listener, 'listening');
const address = `http://127.0.0.1:${(listener.address() as AddressInfo).port}`;
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
  ],
});
for (const { name, path: place, bench = 'light', act } of shots) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: bench });
  const page = await context.newPage();
  await page.goto(address + place);
  await act?.(page);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(900);
  await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
  await context.close();
}
await browser.close();
listener.close();
