import { expect, test } from '@playwright/test';
import { openTug, saved } from './tug';

test('power-up is held while a stop is open; earlier steps can be done', async ({ page }) => {
  await openTug(page, '/fit-out');
  await expect(
    page.getByRole('heading', { level: 2, name: 'Solder the port controller to the port motor' }),
  ).toBeVisible();
  await expect(page.getByRole('list', { name: 'Safety' })).toContainText('eye protection');
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await expect(page.getByText(/^1 of \d+ done/).filter({ visible: true })).toBeVisible();
  await page.getByRole('button', { name: /^Then the tow pack, last of all/ }).click();
  await expect(page.getByText('Held: no power while 12 stops are open.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeDisabled();
});

test('a held step is done all the same only for a reason, which is kept', async ({ page }) => {
  await openTug(page, '/fit-out?step=transmitter-on');
  await expect(page.getByRole('button', { name: 'Done, next step' })).toBeDisabled();
  await page.getByRole('button', { name: 'Do it anyway' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('button', { name: 'Do it anyway' })).toBeDisabled();
  await dialog.getByLabel('Why you do it anyway').fill('Only the transmitter,\nno pack near');
  await dialog.getByRole('button', { name: 'Do it anyway' }).click();
  await page.getByLabel(/^Which hole/).fill('Memory 3, timer off');
  await page.getByLabel('Add a photograph').setInputFiles('docs/screenshots/brief.png');
  await expect(page.getByRole('img', { name: 'Transmitter on first' })).toBeVisible();
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await saved(page);
  await page.goto('/fit-out?step=transmitter-on');
  await expect(page.getByLabel(/^Which hole/)).toHaveValue('Memory 3, timer off');
  await expect(page.getByRole('img', { name: 'Transmitter on first' })).toBeVisible();
  await expect(page.getByText('Done though it was held: “Only the transmitter, no pack near”')).toBeVisible();
});

test('steps name the build’s own ports, change with it, and ticks stay', async ({ page }) => {
  await openTug(page, '/fit-out?step=plug:monitor-pan-lead--receiver-3');
  await expect(page.locator('#step-title')).toContainText('Monitor pan servo into receiver port 3');
  await page.getByRole('button', { name: 'Done, next step' }).click();
  await page.getByRole('button', { name: /port controller is in the port for monitor pan/ }).click();
  await page.getByRole('button', { name: /Swap the plugs/ }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await page.getByRole('button', { name: /Monitor pan servo into receiver port 2 changed since/ }).click();
  await expect(page.getByText(/Then it said: “Monitor pan servo into receiver port 3/)).toBeVisible();
  await page.getByRole('button', { name: 'Looked again, done' }).click();
  await saved(page);
  await page.reload();
  await expect(
    page.getByRole('button', { name: /Monitor pan servo into receiver port 2 done/ }),
  ).toBeVisible();
});

test('a reading is judged against the plan', async ({ page }) => {
  await openTug(page);
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).click();
  await page.goto('/fit-out?step=storage:tow-pack');
  await page.getByLabel('Reading, V').fill('eleven');
  await expect(page.getByText(/A number in V, such as/)).toBeVisible();
  await page.getByLabel('Reading, V').fill('11,42');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText('is as planned.')).toBeVisible();
  await page.getByLabel('Reading, V').fill('12.5');
  await page.getByRole('button', { name: 'Write it down' }).click();
  await expect(page.getByText(/is higher than planned/)).toBeVisible();

  // The simulated instruments of the server, then a recording of real ones.
  await page.getByRole('button', { name: 'Read the simulated instruments' }).click();
  await page.getByRole('button', { name: 'Take this reading' }).click({ delay: 1000 });
  await expect(page.getByText(/is as planned/)).toBeVisible();
  await page.getByRole('button', { name: 'Switch off' }).click();
  const recording = [
    { format: 'dry-hull-bench', version: 1 },
    { at: 0, kind: 'volts', of: 'meter', name: 'tow pack', value: 9.87 },
  ];
  const play = (text: string) =>
    page.getByLabel('Recording of bench instruments').setInputFiles({
      name: 'bench.ndjson',
      mimeType: 'application/x-ndjson',
      buffer: Buffer.from(text),
    });
  await play('volts 9.87');
  await expect(page.getByRole('alert').filter({ hasText: 'line 1' })).toBeVisible();
  await play(recording.map((line) => JSON.stringify(line)).join('\n'));
  await page.getByRole('button', { name: 'Take this reading' }).click();
  await expect(page.getByText(/9\.9 V is lower than planned|9\.87 V is lower than planned/)).toBeVisible();
});
