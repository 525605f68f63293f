import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { emptySheet, lookedAt, newBuild, openTug, saved } from './tug';

test('a sheet typed in from nothing goes out as a file, away, and comes back from it', async ({ page }) => {
  await openTug(page, '/locker?kind=servo');
  await emptySheet(page);
  await page.getByLabel('Name', { exact: true }).fill('Bench servo');
  await page.getByLabel('Name', { exact: true }).blur();
  await page.getByRole('button', { name: 'Add a voltage' }).click();
  await page.getByLabel('Stall torque at 4.8 V, kg·cm', { exact: true }).fill('9');
  await page.getByLabel('Stall torque at 4.8 V, kg·cm', { exact: true }).blur();
  await page.getByLabel('Voltage 1, V', { exact: true }).fill('5');
  await page.getByLabel('Voltage 1, V', { exact: true }).blur();
  await expect(page.getByLabel('Stall torque at 5 V, kg·cm', { exact: true })).toHaveValue('9');

  // The sheet as it stands, words that are explained among them; and a photograph of the real one.
  const table = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const csv = readFileSync(await (await table).path(), 'utf8');
  expect(csv).toMatch(/^Stall torque at 5 V,9 kg·cm,stated/m);
  expect(csv).toMatch(/^Stall current at 5 V,/m);
  await page.getByLabel('Add a photograph').setInputFiles('docs/screenshots/loom-day.png');
  await expect(page.getByRole('img', { name: 'Bench servo, as it is' })).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  const file = await (await download).path();
  expect(readFileSync(file, 'utf8')).toContain('"name": "Bench servo"');

  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await expect(page.getByRole('article', { name: 'Bench servo' })).toHaveCount(0);
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: /^Bench servo/ }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).click();
  await page.getByLabel('Locker file to import').setInputFiles(file);
  await page.getByRole('button', { name: /^Bench servo/ }).click();
  await expect(page.getByLabel('Stall torque at 5 V, kg·cm', { exact: true })).toHaveValue('9');

  await page
    .getByLabel('Locker file to import')
    .setInputFiles({ name: 'wrong.json', mimeType: 'application/json', buffer: Buffer.from('{"format":1}') });
  await expect(page.getByRole('dialog')).toContainText('this is not a Dry Hull file');
});

test('a transmitter’s controls and links are typed as they are', async ({ page }) => {
  await openTug(page, '/locker?kind=transmitter');
  await emptySheet(page);
  await page.getByRole('button', { name: 'Add a control' }).click();
  await page.getByLabel('Name of new control').fill('left pad');
  await page.getByLabel('Name of new control').blur();
  await page.getByRole('combobox', { name: 'left pad: kind of control' }).click();
  await page.getByRole('option', { name: 'while held' }).click();
  await page.getByLabel('Radio links it speaks, commas between').fill('heron link,  skerry link');
  await page.getByLabel('Radio links it speaks, commas between').blur();
  await expect(page.getByLabel('Radio links it speaks, commas between')).toHaveValue(
    'heron link, skerry link',
  );
  await saved(page);
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'left pad: kind of control' })).toContainText('while held');
});

test('parts as a table: compared side by side, and brought in from a pasted one', async ({ page }) => {
  await openTug(page, '/locker?kind=servo');
  await page.getByRole('button', { name: 'Table, compare' }).click();
  const grid = page.getByRole('grid', { name: 'Parts and their figures' });
  await expect(grid.getByRole('button', { name: 'micro servo', exact: true })).toBeVisible();
  for (const name of ['micro servo, low volts', 'standard servo'])
    await grid
      .getByRole('row')
      .filter({ has: page.getByRole('button', { name, exact: true }) })
      .getByRole('checkbox')
      .check();
  await page.getByRole('button', { name: 'Put side by side' }).click();
  const compared = page.getByRole('region', { name: 'Side by side' });
  await expect(compared.getByRole('row', { name: /Max voltage ?, differs/ })).toContainText('5.2 V');
  await compared.getByRole('button', { name: 'Back to the table' }).click();

  await page.getByRole('button', { name: 'Bring in a CSV table…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Bring in servos from a table' });
  await dialog
    .getByLabel('Or paste it here')
    .fill('Name;Maker;Torque at 6 V (oz-in);Max\nDrift servo;Quillet;250;7.4 V\nReef servo;;lots;6');
  await expect(dialog.getByText('1 cell cannot be read')).toBeVisible();
  await expect(dialog).toContainText('Row 2, Torque at 6 V (oz-in), “lots”');
  await dialog.getByRole('combobox', { name: 'Column Max stands for' }).click();
  await page.getByRole('option', { name: 'Max voltage' }).click();
  await dialog.getByRole('button', { name: 'Bring in 2 servos' }).click();
  await page.getByLabel('Search').fill('drift');
  await expect(grid.getByRole('button', { name: 'Drift servo' })).toBeVisible();
  await grid.getByRole('button', { name: 'Drift servo' }).click();
  await expect(page.getByLabel('Stall torque at 6 V, kg·cm', { exact: true })).toHaveValue('250 oz-in');
  await expect(page.getByLabel('Max voltage, V', { exact: true })).toHaveValue('7.4');
});

test('a corrected sheet reaches the builds that are not open, and is taken back out of them', async ({
  page,
}) => {
  await openTug(page, '/locker?kind=servo&part=servo-standard');
  await page.getByRole('button', { name: 'Copy and edit' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Bench servo');
  await page.getByLabel('Name', { exact: true }).blur();
  await page.getByRole('button', { name: 'Add to this build' }).click();
  await newBuild(page, 'Another boat', 'boat');
  await page.goto('/locker?kind=servo');
  await page.getByRole('button', { name: /^Bench servo/ }).click();
  const older = page.getByText('Stored builds that still have the sheet as it was:');
  await expect(older).toHaveCount(0);
  await page.getByLabel('Max voltage, V', { exact: true }).fill('5.5');
  await page.getByLabel('Max voltage, V', { exact: true }).blur();
  await expect(older).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Harbour tug, as planned' })).toBeVisible();
  await page.getByRole('button', { name: 'Use this one in it' }).click();
  await expect(older).toHaveCount(0);
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await expect(older).toBeVisible();
});

test('figures stand in the units of the person, and plugs by the names they go by', async ({ page }) => {
  await openTug(page, '/locker?kind=servo&part=servo-standard');
  await page.getByRole('button', { name: 'Settings', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Settings of this browser' });
  await dialog.getByRole('group', { name: 'Torque in' }).getByRole('button', { name: 'oz-in' }).click();
  await dialog
    .getByRole('group', { name: 'Lengths in' })
    .getByRole('button', { name: 'in', exact: true })
    .click();
  await dialog.getByLabel('Your name for: three-pin servo plug, flat housing').fill('flat three');
  const { violations } = await lookedAt(page).include('[role="dialog"]').analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await dialog.getByRole('button', { name: 'Done' }).click();
  const sheet = page.getByRole('article', { name: 'standard servo' });
  // 6.9 kg·cm by its sheet, 1 kg·cm = 13.887 oz-in.
  await expect(sheet.getByRole('row', { name: /^Stall torque at 6 V/ })).toContainText('96.3 oz-in');
  await expect(sheet.getByRole('row', { name: /^Length/ })).toContainText('1.61 in');
  await expect(sheet).toContainText('flat three (three-pin servo plug, flat housing)');
});

test('a harness is typed in outlet by outlet', async ({ page }) => {
  await openTug(page, '/locker?kind=cable');
  await emptySheet(page);
  await page.getByRole('combobox', { name: 'Kind of cable' }).click();
  await page.getByRole('option', { name: 'harness' }).click();
  const ends = page.getByRole('region', { name: 'Outlets' });
  await ends.getByRole('button', { name: 'One more like small outlet 1' }).click();
  await ends.getByLabel('Name of the end outlet 2').fill('pump outlet');
  await ends.getByLabel('Name of the end outlet 2').blur();
  await ends.getByRole('combobox', { name: 'pump outlet: side' }).click();
  await page.getByRole('option', { name: 'bare wires' }).click();
  await ends.getByRole('combobox', { name: 'pump outlet, plus: wire' }).click();
  await page.getByRole('option', { name: 'a wire of its own' }).click();
  await expect(ends.getByRole('combobox', { name: 'pump outlet, plus: wire' })).toContainText('plus 2');
  await saved(page);
  await page.reload();
  await expect(ends.getByRole('combobox', { name: 'pump outlet, plus: wire' })).toContainText('plus 2');
});
