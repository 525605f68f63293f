import { test } from '@playwright/test';
import { openTug } from './tug';
test('look', async ({ page }) => {
  await openTug(page, '/brief');
  await page.getByLabel('Blades').scrollIntoViewIfNeeded();
  await page.screenshot({ path: '/tmp/p/tug-brief.png' });
  await page.getByLabel('Build file to import').setInputFiles('demo/salt-flat-yacht.dryhull.json');
  await page.getByRole('button', { name: /Build: Salt/ }).waitFor();
  await page.getByLabel('Sails, m²').fill('0.6');
  await page.getByLabel('Sails, m²').blur();
  await page.waitForTimeout(500);
  await page.screenshot({ path: '/tmp/p/yacht-brief.png' });
});
