import { test } from '@playwright/test';
import { openTug } from './tug';
test('look', async ({ page }) => {
  await openTug(page, '/loom?view=radio');
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/a.png' });
  await page.getByRole('button', { name: /^Channel Channel 1/ }).click();
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/b.png', fullPage: true });
  await page.keyboard.press('Escape');
  await page.getByRole('region', { name: /^Channel/ }).scrollIntoViewIfNeeded();
  await page.evaluate(() => document.querySelector('main [class*=screen]')?.scrollTo(0, 9999));
  await page.mouse.move(500, 500); await page.mouse.wheel(0, 2000);
  await page.waitForTimeout(300);
  await page.screenshot({ path: '/tmp/c.png' });
});
