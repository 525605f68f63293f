import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { goWithin, lookedAt, openTug, well } from './tug';

// Layout knows no bench, and contrast no size: each is looked at with one of the other.
const looks = [
  { bench: 'light', viewport: { width: 1024, height: 768 } },
  { bench: 'dark', viewport: { width: 1280, height: 800 } },
] as const;
const screens = {
  brief: '/brief',
  locker: '/locker?kind=servo',
  builds: '/builds',
  'wiring sheet': '/sheet',
  'loom picture': '/loom',
  'loom table': '/loom?view=table',
  radio: '/loom?view=radio',
  lists: '/loom?view=lists',
  berths: '/berths',
  'findings of a well': '/loom?well=connection',
  trial: '/trial',
  'trial wiring': '/trial?show=wiring',
  'trial outing': '/trial?show=outing',
  'fit-out': '/fit-out',
  'fit-out, held': '/fit-out?step=pack-in&well=current',
  'fault finder': '/fit-out?step=pack-in&find=fault',
  'as found': '/fit-out?view=found',
  refit: '/fit-out?view=refit',
};

/** Screens that have every colour there is. */
const coloured = new Set(['brief', 'loom picture', 'radio', 'trial']);

for (const { bench, viewport } of looks) {
  const isDay = bench === 'light';
  test.describe(`${isDay ? 'day' : 'night'} bench at ${viewport.width}x${viewport.height}`, () => {
    test.use({ colorScheme: bench, viewport, reducedMotion: 'reduce' });

    test('every screen: nothing cut off, and nothing that axe minds', async ({ page }) => {
      test.setTimeout(300_000);
      await openTug(page);
      for (const [name, path] of Object.entries(screens)) {
        // Names and landmarks are the same by day and by night: colours are not, and a few screens have all of them.
        if (!isDay && !coloured.has(name)) continue;
        await goWithin(page, path);
        await expect(page.locator('main').getByRole('heading', { level: 1 })).toBeVisible();
        if (path.startsWith('/trial'))
          await expect(page.getByRole('main').getByRole('status')).toContainText('browns out');
        if (path === '/loom') await expect(page.locator('[data-node="receiver"]')).toBeVisible();
        if (path.includes('find='))
          await expect(page.getByRole('heading', { name: 'What did you see?' })).toBeVisible();
        await expect(page.locator('html')).toHaveAttribute('data-bench', isDay ? 'day' : 'night');
        const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
        expect.soft(overflow, name).toBeLessThanOrEqual(0);
        for (const text of ['Voltage', 'Space']) await expect.soft(well(page, text), name).toBeInViewport();
        const axe = lookedAt(page);
        if (!isDay) axe.withRules(['color-contrast']);
        // The frame is the same about every screen; the findings are not where a well is chosen.
        if (name !== 'brief' && !path.includes('well=')) axe.include('main');
        const { violations } = await axe.analyze();
        expect
          .soft(
            violations.map(
              (violation) =>
                `${violation.id}: ${violation.nodes.map((node) => node.target.join(' ')).join('; ')}`,
            ),
            name,
          )
          .toEqual([]);
      }
    });
  });
}

test('the bench is switched by a button and remembered', async ({ page }) => {
  await openTug(page);
  await page.getByRole('button', { name: 'Night bench' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-bench', 'night');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-bench', 'night');
});

test('nothing is asked of any other address', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    const { origin, protocol } = new URL(request.url());
    if (origin !== baseURL && protocol !== 'data:' && protocol !== 'blob:') strangers.push(request.url());
  });
  const problems: string[] = [];
  page.on('console', (message) => message.type() === 'error' && problems.push(message.text()));
  await openTug(page);
  await expect(page.locator('[data-node="receiver"]')).toBeVisible();
  expect(strangers).toEqual([]);
  expect(problems).toEqual([]);
});

test('what the first page waits for is under 250 kB of script, packed', () => {
  const page = readFileSync('dist/app/index.html', 'utf8');
  const scripts = [...page.matchAll(/(?:src|href)="(\/assets\/[^"]+\.js)"/g)].map(([, file]) => file!);
  expect(scripts.length).toBeGreaterThan(2);
  const bytes = scripts.reduce((sum, file) => sum + gzipSync(readFileSync(`dist/app${file}`)).length, 0);
  expect(bytes).toBeLessThan(250_000);
});

test('in colours that the machine chooses, outlines, figures and bars stay in sight', async ({ page }) => {
  await page.emulateMedia({ forcedColors: 'active', colorScheme: 'dark' });
  await openTug(page, '/locker?kind=servo');
  const bar = page.locator('[data-bar] > *').first();
  await expect(bar).toBeVisible();
  const seen = await page.evaluate(() => {
    const colour = (element: Element, name: 'stroke' | 'backgroundColor' | 'color') =>
      getComputedStyle(element)[name];
    return {
      ground: colour(document.body, 'backgroundColor'),
      words: colour(document.querySelector('h1')!, 'color'),
      bar: colour(document.querySelector('[data-bar] > *')!, 'backgroundColor'),
      hull: [...document.querySelectorAll('header svg path')].map((path) => colour(path, 'stroke')),
    };
  });
  expect(seen.words).not.toBe(seen.ground);
  expect(seen.bar).not.toBe(seen.ground);
  expect(seen.hull).toContain(seen.words);
});
