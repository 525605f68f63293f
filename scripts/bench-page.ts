import { chromium, type Page } from '@playwright/test';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import path from 'node:path';
import { createServer } from '../server/create-server';
import { writeBuildFile } from '../src/core/model/file/write-file';
import type { Build } from '../src/core/model/plan/build';
import { browserOptions } from './browser-options';

/** Does something with the built application in a browser; nothing where it is not built. */
async function withPage<T>(work: (page: Page, address: string) => Promise<T>): Promise<T | undefined> {
  const built = path.join(process.cwd(), 'dist/app');
  if (!existsSync(built)) return undefined;
  const listener = createServer(built).listen(0, '127.0.0.1');
  await once(listener, 'listening');
  const browser = await chromium.launch(browserOptions);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
  try {
    return await work(page, `http://127.0.0.1:${(listener.address() as AddressInfo).port}`);
  } finally {
    await browser.close();
    listener.close();
  }
}

/** Begins to note tasks on the page's own thread. @returns what asks for the longest so far, in milliseconds */
async function noteTasks(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const seen = { longest: 0 };
    Object.assign(globalThis, { seen });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) seen.longest = Math.max(seen.longest, entry.duration);
    }).observe({ entryTypes: ['longtask'] });
  });
  return () => page.evaluate(() => (globalThis as unknown as { seen: { longest: number } }).seen.longest);
}

/**
 * The longest task on the page's own thread while two workers take the tug through its outing two hundred
 * times, in milliseconds; 0 where no task was long enough to be told.
 */
export const longestPageTask = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/trial`);
    await page.getByRole('main').getByRole('status').waitFor();
    await page.getByRole('tab', { name: 'How sure' }).click();
    await page.getByRole('button', { name: /^Run it/ }).waitFor();
    const longest = await noteTasks(page);
    await page.getByRole('button', { name: /^Run it/ }).click();
    await page.getByText('Worth measuring first').waitFor({ timeout: 180_000 });
    return longest();
  });

/** Stations and views on which an edit is undone and done again. */
const places = ['/brief', '/loom', '/loom?view=radio', '/berths', '/fit-out', '/log'];

/**
 * The longest task of edits, in milliseconds; 0 where none was longer than 50. The mass is told in the Brief, then undone
 * and done again at other stations.
 * @param build opened first; the tug where it is left out
 */
export const longestEditTask = (build?: Build): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/brief`);
    if (build) {
      await page.getByLabel('Build file to import').setInputFiles({
        name: 'fleet.dryhull.json',
        mimeType: 'application/json',
        buffer: Buffer.from(writeBuildFile(build)),
      });
      await page.getByRole('button', { name: `Build: ${build.name}` }).waitFor();
    }
    await page.waitForTimeout(3000);
    // By keys from here: a search for the field by its label would be a task of the page as well.
    await page.getByLabel('Mass, kg').focus();
    let longest = await noteTasks(page);
    for (const value of ['5', '4', '3', '2', '5', '4']) {
      await page.keyboard.press('Control+A');
      await page.keyboard.type(value);
      await page.waitForTimeout(200);
      await page.keyboard.press('Tab');
      await page.waitForTimeout(600);
      await page.keyboard.press('Shift+Tab');
    }
    const times = [await longest()];
    for (const place of places) {
      await page.goto(`${address}${place}`);
      await page.getByRole('main').getByRole('heading').first().waitFor();
      await page.waitForTimeout(3000);
      longest = await noteTasks(page);
      for (const key of ['Control+Z', 'Control+Shift+Z', 'Control+Z', 'Control+Shift+Z']) {
        await page.keyboard.press(key);
        await page.waitForTimeout(600);
      }
      times.push(await longest());
    }
    return Math.max(...times);
  });

/** Megabytes that two hundred edits and fifty outings leave on the page's heap. */
export const heapLeft = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    const session = await page.context().newCDPSession(page);
    const megabytes = async () => {
      await session.send('HeapProfiler.collectGarbage');
      return (await session.send('Runtime.getHeapUsage')).usedSize / 1e6;
    };
    const mass = page.getByLabel('Mass, kg');
    const edits = async (count: number) => {
      for (let n = 0; n < count; n += 1) {
        await mass.fill(String(4 + n / 1000));
        await mass.blur();
      }
    };
    const outings = async (count: number) => {
      await page.getByRole('link', { name: /Trial/ }).click();
      for (let n = 0; n < count; n += 1) {
        await page.getByRole('combobox', { name: 'Outing' }).click();
        await page
          .getByRole('option')
          .nth(n % 3)
          .click();
        await page.locator('[data-stale="false"]').first().waitFor();
      }
    };
    await page.goto(`${address}/brief`);
    await edits(5);
    await outings(6);
    const before = await megabytes();
    await page.getByRole('link', { name: /Brief/ }).click();
    await edits(200);
    await outings(50);
    return (await megabytes()) - before;
  });

/** Milliseconds until a browser that was here before shows the tug's wiring, from a server that is warm. */
export const firstView = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    const times: number[] = [];
    for (let n = 0; n < 6; n += 1) {
      const start = performance.now();
      await page.goto(`${address}/loom`, { waitUntil: 'commit' });
      await page.locator('[data-node="receiver"]').waitFor();
      if (n > 0) times.push(performance.now() - start);
    }
    return times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
  });

/** Milliseconds from the key of a station to its picture, with the tug open: the slowest of the seven, each seen before. */
export const stationChange = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/brief`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    return page.evaluate(async () => {
      const heads = () => document.querySelector('main h1, main h2')?.textContent ?? '';
      const settle = (ms: number) => new Promise((done) => setTimeout(done, ms));
      const change = async (key: string) => {
        const before = heads();
        const start = performance.now();
        document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
        while (heads() === before && performance.now() - start < 3000)
          await new Promise((done) => requestAnimationFrame(done));
        const took = performance.now() - start;
        await settle(700);
        return took;
      };
      const times: number[] = [];
      for (let round = 0; round < 3; round += 1)
        for (const key of ['2', '3', '4', '5', '6', '7', '1']) {
          const took = await change(key);
          if (round > 0) times.push(took);
        }
      return Math.max(...times);
    });
  });

/** Milliseconds from frame to frame while a part of the tug is dragged in its plan: in 95 of 100 no more. */
export const dragPartFrame = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/berths`);
    const part = page.locator('[data-plan] [data-part="receiver"]');
    await part.waitFor();
    const { x, y } = (await part.boundingBox())!;
    return frameGap(page, { x: x + 5, y: y + 5 }, (n) => ({ x: x + 60 * Math.sin(n / 15), y: y + (n % 40) }));
  });

/** Milliseconds from frame to frame while a plug is dragged about in the tug’s wiring picture: in 95 of 100 no more. */
export const dragFrame = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/loom`);
    const plug = page.locator(`[data-join='${JSON.stringify(['receiver', '8'])}']`);
    await plug.waitFor();
    const { x, y } = (await plug.boundingBox())!;
    return frameGap(page, { x: x + 10, y: y + 8 }, (n) => ({ x: x - 3 * n, y: y - 100 * Math.sin(n / 20) }));
  });

/** Milliseconds from frame to frame while a part is moved up and down its column of the tug’s picture: in 95 of 100 no more. */
export const dragBoxFrame = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/loom`);
    const box = page.locator('[data-node="lamps"] > rect').first();
    await box.waitFor();
    const { x, y } = (await box.boundingBox())!;
    await page.mouse.click(x + 40, y + 10);
    await page.locator('[data-movable]').waitFor();
    return frameGap(page, { x: x + 40, y: y + 10 }, (n) => ({
      x: x + 40,
      y: y + 10 - 100 * Math.sin(n / 20),
    }));
  });

/** Milliseconds from frame to frame while the tug is steered under way in its rehearsal: in 95 of 100 no more. */
export const rehearsalFrame = (): Promise<number | undefined> =>
  withPage(async (page, address) => {
    await page.goto(`${address}/loom`);
    await page.getByRole('button', { name: /^Build:/ }).click();
    await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).click();
    await page.getByRole('link', { name: '6 Fit-out' }).click();
    await page.getByRole('button', { name: 'Rehearse it' }).click();
    await page.getByRole('button', { name: 'Under way' }).click();
    await page.getByLabel('Transmitter on').check();
    await page.getByLabel('Pack in').check();
    await page.getByText('port controller: armed').waitFor();
    const slider = page.getByRole('slider', { name: 'Steering' }).locator('xpath=../..');
    const { x, y, width, height } = (await slider.boundingBox())!;
    const middle = { x: x + width / 2, y: y + height / 2 };
    return frameGap(page, middle, (n) => ({ x: middle.x + (width / 2) * Math.sin(n / 15), y: middle.y }));
  });

interface Point {
  x: number;
  y: number;
}

/** Takes hold of something and moves it about. @returns milliseconds from frame to frame: in 95 of 100 no more */
async function frameGap(page: Page, from: Point, at: (n: number) => Point): Promise<number> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.evaluate(() => {
    const frames: number[] = [];
    Object.assign(globalThis, { frames });
    requestAnimationFrame(function note(time: number) {
      frames.push(time);
      requestAnimationFrame(note);
    });
  });
  for (let n = 0; n < 150; n += 1) await page.mouse.move(at(n).x, at(n).y);
  await page.mouse.move(from.x, from.y);
  await page.mouse.up();
  const frames = await page.evaluate(() => (globalThis as unknown as { frames: number[] }).frames);
  const gaps = frames.slice(1).map((time, n) => time - frames[n]!);
  return gaps.sort((a, b) => a - b)[Math.floor(gaps.length * 0.95)]!;
}
