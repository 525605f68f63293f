import { expect, test } from '@playwright/test';
import { newBuild, openTug, saved, well, emptySheet } from './tug';

test('parts that fit together are chosen for a boat of which only the functions are known', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Pilot skiff', 'boat');
  for (const name of ['Steering', 'Drive', 'Horn'])
    await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('link', { name: 'Choose parts that fit together' }).click();
  const table = page.getByRole('table');
  await expect(table.getByRole('columnheader', { name: /^Offer 1/ })).toBeVisible();
  await expect(table.getByRole('row', { name: /^Steering servo/ })).toContainText('servo');
  // What nobody can pay for is said with the wish that stands in the way.
  await page.getByLabel('Runs at least, min').fill('900');
  await page.getByLabel('Runs at least, min').blur();
  await expect(page.getByText('Nothing fits together.')).toBeVisible();
  await expect(page.getByText(/^Nothing has this: a run of 900 min or more/)).toBeVisible();
  await expect(page.getByText(/^Nearest without “a run of 900 min or more”, by \d+ %/)).toBeVisible();
  await page.getByLabel('Runs at least, min').fill('10');
  await page.getByLabel('Runs at least, min').blur();
  await table.getByRole('button', { name: 'Take it' }).first().click();
  await page.getByRole('link', { name: /Loom/ }).first().click();
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).not.toContainText('flooded');
  await expect(page.locator('[data-node="motor"]')).toBeVisible();
  // One step back takes all of it out again.
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByRole('link', { name: /Brief/ }).first().click();
  await expect(page.getByRole('heading', { level: 1 }).locator('..')).toContainText(
    '0 of 3 functions connected',
  );
  await saved(page);
});

test('a sheet is typed as it is printed, and what cannot be read stays with the reason', async ({ page }) => {
  await openTug(page, '/locker?kind=servo');
  await emptySheet(page);
  await page.getByRole('button', { name: 'Add a voltage' }).click();
  const torque = page.getByLabel('Stall torque at 4.8 V, kg·cm');
  await torque.fill('278 oz-in');
  await torque.blur();
  await expect(page.getByText('= 20.02 kg·cm')).toBeVisible();
  await expect(torque).toHaveValue('278 oz-in');
  const most = page.getByLabel('Max voltage, V');
  await most.fill('20 kg');
  await most.blur();
  await expect(page.getByText('in kg, and this is in V')).toBeVisible();
  await expect(most).toHaveValue('20 kg');
  await most.fill('2S');
  await most.blur();
  await expect(page.getByText('= 8.4 V')).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: /^new servo/ }).click();
  await expect(page.getByLabel('Stall torque at 4.8 V, kg·cm')).toHaveValue('278 oz-in');
  await expect(page.getByLabel('Max voltage, V')).toHaveValue('2S');
});
