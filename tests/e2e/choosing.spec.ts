import { expect, test } from '@playwright/test';
import { choose, newBuild, openTug, saved, well } from './tug';

test('a car is geared for a speed that its motor stands, and the choice goes into the Brief', async ({
  page,
}) => {
  await openTug(page, '/brief');
  await newBuild(page, 'Parking lot car', 'car');
  await choose(page, 'Pack', /LiPo, 2 cells/);
  await choose(page, 'Motor', /brushed motor, 27 turns|brushed motor, 55 turns/);
  for (const name of ['Steering', 'Drive'])
    await expect(page.getByRole('row', { name: new RegExp(name) })).toBeVisible();
  await page.getByRole('button', { name: 'Wire it for me' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /^Wire|^Do/ })
    .click();
  await saved(page);
  await page.goto('/trial?show=choose&outing=long');
  const told = page.getByRole('main').getByRole('status').filter({ hasText: 'km/h' });
  await expect(told).toContainText('to 1');
  const slider = page.getByRole('slider', { name: 'Gears' });
  const before = await told.textContent();
  await slider.focus();
  for (let n = 0; n < 40; n += 1) await page.keyboard.press('ArrowRight');
  await expect(told).not.toHaveText(before!);
  await expect(told).toContainText('motor');
  await page.getByRole('button', { name: /^Take .* into the Brief$/ }).click();
  await saved(page);
  await page.goto('/brief');
  await expect(page.getByLabel('Gears, to 1')).not.toHaveValue('');
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

test('a screw that is far too large heats its motors and pushes no faster', async ({ page }) => {
  await openTug(page, '/trial?show=choose&outing=sprint');
  const told = page.getByRole('main').getByRole('status').filter({ hasText: 'km/h' });
  await expect(told).toContainText('mm');
  await expect(page.locator('progress, [role=progressbar]')).toHaveCount(0);
  const slider = page.getByRole('slider', { name: 'Screw' });
  await slider.focus();
  await page.keyboard.press('End');
  await expect(told).toContainText(/^78 mm/);
  await expect(page.getByText('Red dots: something gives there.')).toBeVisible();
});
