/** Takes the pictures in docs/screenshots from the built application and its demo data. */
import { chromium } from '@playwright/test';
import { once } from 'node:events';
import { writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../server/create-server';
import { browserOptions } from './browser-options';
import { madeOf, picturePath, recordPath, shots } from './pictures';
import { root } from './prepare.mjs';

const listener = createServer(path.join(root, 'dist/app')).listen(0, '127.0.0.1');
await once(listener, 'listening');
const address = `http://127.0.0.1:${(listener.address() as AddressInfo).port}`;
const browser = await chromium.launch(browserOptions);
for (const shot of shots) {
  const { name, path: place, bench = 'light', act } = shot;
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, colorScheme: bench });
  const page = await context.newPage();
  // The first steps have their own test; here they would stand above every picture but the first.
  if (name !== 'loom-day')
    await page.addInitScript(() =>
      localStorage.setItem('dry-hull-guide', '{"state":{"isOpen":false},"version":0}'),
    );
  await page.goto(address + place);
  await page.locator(':is(main h1, main [role=img], main svg, main table):visible').first().waitFor();
  await act?.(page);
  // The view itself says when it is worked out: layout, outing, put-rights.
  await page.locator('main[aria-busy=false]').waitFor();
  await page.evaluate(() => document.fonts.ready);
  // Menus and dialogs fade; whatever the view began meanwhile is waited for as well.
  await page.waitForTimeout(400);
  await page.locator('main[aria-busy=false]').waitFor();
  await page.screenshot({ path: picturePath(shot) });
  await context.close();
}
await browser.close();
listener.close();
const record = Object.fromEntries(shots.map((shot) => [shot.name, madeOf(shot)]));
writeFileSync(recordPath, `${JSON.stringify(record, undefined, 2)}\n`);
