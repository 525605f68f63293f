import { test } from '@playwright/test';
import { openTug } from './tug';
test('look', async ({ page }) => {
  await openTug(page, '/sheet');
  await page.waitForTimeout(1500);
  await page.setViewportSize({ width: 760, height: 1080 });
  await page.emulateMedia({ media: 'print' });
  await page.waitForTimeout(500);
  await page.screenshot({ path: '/tmp/a.png', fullPage: true });
});
