import { chromium } from '@playwright/test';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../server/create-server';
import { browserOptions } from './browser-options';

/**
 * The longest task on the page's own thread while two workers take the tug through its outing two hundred
 * times, in milliseconds; 0 where no task was long enough to be told. Nothing where the application is not built.
 */
export async function longestPageTask(): Promise<number | undefined> {
  const built = path.join(process.cwd(), 'dist/app');
  if (!existsSync(built)) return undefined;
  const listener = createServer(built).listen(0, '127.0.0.1');
  await once(listener, 'listening');
  const browser = await chromium.launch(browserOptions);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`http://127.0.0.1:${(listener.address() as AddressInfo).port}/trial`);
  await page.getByRole('main').getByRole('status').waitFor();
  await page.getByRole('tab', { name: 'How sure' }).click();
  await page.getByRole('button', { name: /^Run it/ }).waitFor();
  await page.evaluate(() => {
    const seen = { longest: 0 };
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.longest = Math.max(seen.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  await page.getByRole('button', { name: /^Run it/ }).click();
  await page.getByText('Worth measuring first').waitFor({ timeout: 180_000 });
  const longest = await page.evaluate(
    () => (globalThis as unknown as { seen: { longest: number } }).seen.longest,
  );
  await browser.close();
  listener.close();
  return longest;
}
