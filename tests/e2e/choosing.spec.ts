import { expect, test } from '@playwright/test';
import { openTug, saved, well } from './tug';

test('a car is geared by what its motor stands, and the choice goes into the Brief', async ({ page }) => {
  await openTug(page, '/trial');
  await page.getByLabel('Build file to import').setInputFiles('tests/fixtures/micro-crawler.dryhull.json');
  await expect(page.getByRole('button', { name: /^Build: Micro crawler/ })).toBeVisible();
  await page.goto('/trial?show=choose&outing=long');
  const told = page.getByRole('main').getByRole('status').filter({ hasText: 'km/h' });
  await expect(told).toContainText('to 1');
  const speedOf = async () => Number(/: ([\d.]+) m\/s/.exec((await told.textContent()) ?? '')?.[1]);
  const before = await speedOf();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await page.getByRole('slider', { name: 'Gears' }).focus();
  await page.keyboard.press('Home');
  await expect.poll(speedOf).toBeGreaterThan(1.3 * before);
  await expect(told).toContainText('motor');
  await page.getByRole('button', { name: /^Take .* into the Brief$/ }).click();
  await saved(page);
  await page.goto('/brief');
  await expect(page.getByLabel('Gear ratio')).not.toHaveValue('');
  await expect(page.getByText(/^Geared for/)).toBeVisible();
});

test('a crawler’s servo that cannot turn its wheels is told, once its mass is', async ({ page }) => {
  await openTug(page, '/brief');
  await page.getByLabel('Build file to import').setInputFiles('tests/fixtures/micro-crawler.dryhull.json');
  await expect(page.getByRole('button', { name: /^Build: Micro crawler/ })).toBeVisible();
  await expect(page.getByText(/must give about .* kg·cm to turn the wheels at rest/)).toBeVisible();
  await page.getByLabel('Mass, kg').fill('2.5');
  await page.getByLabel('Mass, kg').blur();
  await expect(well(page, 'Control')).toContainText('1 stop');
  const findings = page.getByRole('complementary', { name: 'Findings' });
  await expect(findings).toContainText('cannot turn the wheels at rest');
  await expect(findings.getByRole('group', { name: 'Put right' }).first()).toBeVisible();
});
