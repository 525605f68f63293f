/** Takes the pictures in docs/screenshots from the built application and its demo data. */
import { chromium, type Page } from '@playwright/test';
import { once } from 'node:events';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../server/create-server';
import { browserOptions } from './browser-options';

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
      await page.getByRole('button', { name: /^Feed the radio rail from its own BEC/ }).click();
    },
  },
  { name: 'loom-night', path: '/loom', bench: 'dark', act: putRight },
  { name: 'loom-table', path: '/loom?view=table' },
  { name: 'brief', path: '/brief' },
  { name: 'locker', path: '/locker?kind=servo' },
  {
    name: 'proposal',
    path: '/brief',
    act: async (page) => {
      await page.getByRole('button', { name: /^Build:/ }).click();
      await page.getByRole('menuitem', { name: 'New build…' }).click();
      await page.getByLabel('Name of the model').fill('Skiff');
      await page.getByRole('button', { name: 'Begin' }).click();
      const choose = async (label: string, option: RegExp) => {
        await page.getByRole('combobox', { name: label, exact: true }).click();
        await page.getByRole('option', { name: option }).click();
      };
      for (const name of ['Steering', 'Drive', 'Lights', 'Horn'])
        await page.getByRole('button', { name, exact: true }).click();
      await choose('Steering: part', /^micro servo$/);
      await choose('Drive: part', /^brushed controller, 30 A, switching/);
      await choose('Lights: part', /^lamp board/);
      await choose('Horn: part', /^horn board/);
      await choose('Add: Transmitter', /^transmitter, 10/);
      await choose('Add: Receiver', /^receiver, 8/);
      await choose('Add: Pack', /^LiPo, 3 cells, 4000/);
      await choose('Add: Motor', /620/);
      await page.getByRole('link', { name: 'Wire it for me' }).click();
    },
  },
  { name: 'trial', path: '/trial' },
  { name: 'trial-wiring', path: '/trial?show=wiring' },
  {
    name: 'trial-compared',
    path: '/trial?outing=long',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('combobox', { name: 'Compare with' }).click();
      await page.getByRole('option', { name: 'Harbour tug, as planned' }).click();
      await page.waitForTimeout(2500);
    },
  },
  { name: 'trial-outing', path: '/trial?show=outing' },
  { name: 'sheet', path: '/sheet', act: putRight },
  { name: 'fit-out', path: '/fit-out?step=plug:monitor-pan-lead--receiver-3', act: putRight },
];

const root = path.join(import.meta.dirname, '..');
const listener = createServer(path.join(root, 'dist/app')).listen(0, '127.0.0.1');
await once(listener, 'listening');
const address = `http://127.0.0.1:${(listener.address() as AddressInfo).port}`;
const browser = await chromium.launch(browserOptions);
for (const { name, path: place, bench = 'light', act } of shots) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: bench });
  const page = await context.newPage();
  // The first steps have their own test; here they would stand above every picture but the first.
  if (name !== 'loom-day')
    await page.addInitScript(() =>
      localStorage.setItem('dry-hull-guide', '{"state":{"isOpen":false},"version":0}'),
    );
  await page.goto(address + place);
  await act?.(page);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
  await page.screenshot({ path: path.join(root, 'docs/screenshots', `${name}.png`) });
  await context.close();
}
await browser.close();
listener.close();
