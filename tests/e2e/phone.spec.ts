import { expect, test, type Page } from '@playwright/test';
import { goWithin, lookedAt, newBuild, openTug, well } from './tug';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, reducedMotion: 'reduce' });

const screens = [
  '/brief',
  '/locker?kind=servo',
  '/locker?kind=servo&part=servo-standard',
  '/locker?show=match',
  '/builds',
  '/sheet',
  '/loom',
  '/loom?view=table',
  '/loom?view=radio',
  '/loom?view=lists',
  '/loom?well=connection',
  '/berths',
  '/berths?view=model',
  '/trial',
  '/trial?show=wiring',
  '/trial?show=outing',
  '/fit-out',
  '/fit-out?list=1',
  '/fit-out?step=pack-in&well=current',
  '/fit-out?view=rehearse',
  '/fit-out?view=refit',
  '/fit-out?view=found',
  '/log',
];

/** What is laid out in another way here than on a wide screen; colours are looked at there. */
const looked = [
  '/locker?kind=servo',
  '/loom',
  '/loom?well=connection',
  '/berths',
  '/fit-out',
  '/fit-out?list=1',
  '/fit-out?view=rehearse',
  '/log',
];

/** What reaches over the right edge, of the page and of the screen in it. */
const overhang = (page: Page) =>
  page.evaluate(() => {
    const screen = document.querySelector('#screen')!;
    return Math.max(
      document.documentElement.scrollWidth - document.documentElement.clientWidth,
      screen.scrollWidth - screen.clientWidth,
    );
  });

/** Things to be pressed that a finger misses: under 44 px high or wide, or under 24 in a picture that can be enlarged. */
const smallTargets = (page: Page) =>
  page.evaluate(() => {
    const inLine = (element: Element) =>
      element.hasAttribute('data-inline') ||
      (element.tagName === 'A' && getComputedStyle(element).display === 'inline');
    const words = (element: Element, { width, height }: DOMRect) =>
      `${element.getAttribute('aria-label') ?? element.textContent} ${Math.round(width)}x${Math.round(height)}`;
    return [...document.querySelectorAll('button, a, [role=button], [role=combobox]')].flatMap((element) => {
      // A field that is typed into is as high as its frame.
      const frame = element.tagName === 'INPUT' ? element.closest('.MuiInputBase-root') : undefined;
      const box = (frame ?? element).getBoundingClientRect();
      const isShown =
        box.width > 0 && box.height > 0 && element.checkVisibility({ visibilityProperty: true });
      const least = element.closest('svg') ? 23.5 : 43.5;
      return isShown && !inLine(element) && box.height < least ? [words(element, box)] : [];
    });
  });

test('every screen in one hand: nothing scrolls sideways, down to 320 px, and every target takes a finger', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openTug(page);
  for (const path of screens) {
    await goWithin(page, path);
    await expect(page.locator('main').getByRole('heading', { level: 1 }).first(), path).toBeAttached();
    await expect.poll(() => overhang(page), { message: path }).toBeLessThanOrEqual(0);
    // A picture is drawn once it is laid out.
    await expect.poll(() => smallTargets(page), { message: path }).toEqual([]);
    if (looked.includes(path)) {
      const { violations } = await lookedAt(page).disableRules('color-contrast').analyze();
      expect
        .soft(
          violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`),
          path,
        )
        .toEqual([]);
    }
    await page.setViewportSize({ width: 320, height: 640 });
    await expect.poll(() => overhang(page), { message: `${path} at 320 px` }).toBeLessThanOrEqual(0);
    for (const name of ['Voltage', 'Space']) await expect.soft(well(page, name), path).toBeInViewport();
    await page.setViewportSize({ width: 390, height: 844 });
  }
});

test('a car from nothing to its first step, by the thumb: the bar, the strip, and back from what lies over', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Pocket racer', 'car');
  await page.getByRole('link', { name: '2 Locker' }).tap();
  await page.getByRole('button', { name: /^What fits/ }).tap();
  await expect(page.getByRole('heading', { name: /fit together|What fits/i }).first()).toBeVisible();
  await page.getByRole('link', { name: '3 Loom' }).tap();
  await well(page, 'Space').tap();
  const findings = page.getByRole('complementary', { name: 'Findings' });
  await expect(findings.getByRole('heading', { name: 'In the Space well' })).toBeVisible();
  await page.goBack();
  await expect(findings).toHaveCount(0);
  await well(page, 'Voltage').tap();
  await expect(findings.getByRole('heading', { name: 'In the Voltage well' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(findings).toHaveCount(0);
  await page.getByRole('button', { name: /^Build:/ }).tap();
  await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).tap();
  await page.getByRole('link', { name: '6 Fit-out' }).tap();
  await page.getByRole('button', { name: 'Done, next step' }).tap();
  await page.getByRole('button', { name: 'All steps' }).tap();
  await expect(page.getByRole('button', { name: /^Solder the port controller.* done$/ })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeVisible();
});

test('on a slow phone: what is typed in one field stays when a tap leaves it for the next', async ({
  page,
  context,
}) => {
  await openTug(page, '/berths?part=port-rudder');
  const seat = page.getByRole('region', { name: /^Seat of the/ });
  await expect(seat).toBeVisible();
  const slow = await context.newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  await seat.getByLabel('Hole to hole, mm').tap();
  await page.keyboard.type('44');
  await seat.getByLabel('Teeth in the horn').tap();
  await page.keyboard.type('24');
  await seat.getByLabel('A servo saver between shaft and rod').tap();
  await expect(seat.getByLabel('A servo saver between shaft and rod')).toBeChecked();
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await expect(seat.getByLabel('Hole to hole, mm')).toHaveValue('44');
  await expect(seat.getByLabel('Teeth in the horn')).toHaveValue('24');
});
