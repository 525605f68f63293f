import { expect, test, type Page } from '@playwright/test';
import { openTug, putRight, well } from './tug';

async function choose(page: Page, label: string, option: RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: option }).click();
}

/** Types a figure of a printed sheet into the copy in the locker. */
async function type(page: Page, field: string, value: string): Promise<void> {
  await page.getByLabel(field, { exact: true }).fill(value);
  await page.getByLabel(field, { exact: true }).blur();
}

test('a two-channel car gets a stronger servo and its own regulator, from typed sheets', async ({ page }) => {
  test.slow();
  await openTug(page);
  await page.goto('/builds?new=1');
  await page.getByLabel('Name of the model').fill('Sand buggy');
  await page.getByLabel('Kind of model').click();
  await page.getByRole('option', { name: 'car', exact: true }).click();
  await page.getByRole('button', { name: 'Create' }).click();
  await page.getByRole('button', { name: 'Steering', exact: true }).click();
  await page.getByRole('button', { name: 'Drive', exact: true }).click();
  await choose(page, 'Steering: part', /^mini servo \d/);
  await choose(page, 'Drive: part', /^brushed controller, 30 A, switching/);
  await choose(page, 'Add: Transmitter', /^wheel transmitter, 3/);
  await choose(page, 'Add: Receiver', /^receiver, 3 channels/);
  await choose(page, 'Add: Pack', /^NiMH, 6 cells, 3000/);
  await choose(page, 'Add: Motor', /^brushed motor, 55 turns/);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  for (const name of ['Current', 'Connection', 'Control'])
    await expect(well(page, name)).not.toContainText('flooded');
  await page.locator('[data-node="drive-controller"]').click();
  await page.getByRole('button', { name: 'Cut-off…' }).click();
  await page.getByRole('menuitem', { name: 'for NiMH' }).click();

  // The stronger servo, from its sheet: a copy with the printed figures.
  await page.getByRole('link', { name: /Locker/ }).click();
  await page.getByRole('button', { name: /^strong servo/ }).click();
  await page.getByRole('button', { name: 'Copy and edit' }).click();
  await type(page, 'Stall torque at 6 V, kg·cm', '22');
  await type(page, 'Stall current at 6 V, A', '4.2');
  await type(page, 'Stall current at 4.8 V, A', '3.4');
  await page.getByRole('button', { name: 'Swap in for…' }).click();
  await page.getByRole('menuitem', { name: /^steering servo/ }).click();
  await expect(well(page, 'Current')).toContainText('flooded · 1 stop');

  // Its own regulator, from another sheet, and the put-right that brings it in.
  await page.getByRole('button', { name: /^BECs/ }).click();
  await page.getByRole('button', { name: /^stand-alone BEC, 8 A/ }).click();
  await page.getByRole('button', { name: 'Copy and edit' }).click();
  await type(page, 'Gives, A', '6');
  await page.getByRole('link', { name: /Loom/ }).click();
  await well(page, 'Current').click();
  await putRight(page, /The radio rail needs more/, /^Feed the radio rail from its own BEC/);
  await expect(well(page, 'Current')).not.toContainText('flooded');
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).not.toContainText(/flooded|facts missing/);
  // The red wire of the built-in BEC came out, and a harness came in: the rail has one source.
  await page.getByRole('button', { name: 'Table' }).click();
  const leads = page.getByRole('table', { name: 'Leads' });
  await expect(leads).toContainText('lifted');
  await expect(leads).toContainText('Power harness');
});
