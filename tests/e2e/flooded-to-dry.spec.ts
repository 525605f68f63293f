import { expect, test } from '@playwright/test';
import { accept, openTug, putRight, well } from './tug';

test('the tug from flooded to dry, by its own offers', async ({ page }) => {
  await openTug(page);
  for (const name of ['Voltage', 'Current', 'Connection', 'Control', 'Space'])
    await expect(well(page, name)).toContainText('flooded');

  await putRight(page, /^The radio rail needs more/, /Feed the radio rail from its own BEC/);
  await expect(well(page, 'Voltage')).toContainText('flooded · 1 stop');
  await putRight(page, /servo plug of the starboard rudder/, /Turn the plug/);
  await putRight(page, /is set to holm link/, /Set the transmitter to skerry link/);
  await putRight(page, /monitor pump gets too many volts/, /monitor pump, 12 V/);
  await putRight(page, /tow pack must give more/, /4000 mAh/);
  await putRight(page, /tow pack and the power harness do not plug/, /adapter/);
  await putRight(page, /port controller is in the port for monitor pan/, /Swap the plugs/);
  await putRight(page, /plug of the tow winch looks/, /adapter/);
  await putRight(page, /^Monitor pan wants/, /right dial/);
  await putRight(page, /^Lights want/, /switch C/);

  await putRight(page, /^The lead of the rudder Y-lead does not reach/, /^Solder a longer lead/);
  await putRight(page, /^The tow pack is held by tape/, /on foam/);
  // The BEC that came in was laid out with it; with the larger pack all is laid out once more.
  await page.keyboard.press('4');
  await page.getByRole('button', { name: 'Place them for me' }).click();
  await expect(page.getByRole('dialog')).toContainText('Space dry');
  await page.getByRole('button', { name: /^Place these/ }).click();
  await expect(well(page, 'Space')).toContainText('dry');

  for (const name of ['Connection', 'Control']) await expect(well(page, name)).toContainText('dry');
  await expect(well(page, 'Voltage')).toContainText('dry');
  await expect(well(page, 'Current')).toContainText('damp · 1 warning');
  await accept(page, /plug between the radio BEC and the receiver/, 'Only for seconds at a time');
  await expect(well(page, 'Current')).toContainText('damp, known · 1 accepted');
  await expect(page.getByText('Accepted: Only for seconds at a time')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(well(page, 'Current')).toContainText('damp · 1 warning');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(well(page, 'Current')).toContainText('damp, known · 1 accepted');

  await page.getByRole('link', { name: 'On to Fit-out' }).click();
  await page.getByRole('button', { name: /^Then the tow pack, last of all/ }).click();
  // No stop holds the power any more, only the step before it.
  await expect(page.getByRole('note').filter({ hasText: 'Held.' })).toContainText('First:');
  await expect(page.getByText(/no power while/)).toHaveCount(0);
});

test('a put-right is looked at before it is taken, undone and done again', async ({ page }) => {
  await openTug(page);
  await well(page, 'Voltage').click();
  await page.getByRole('button', { name: /monitor pan servo gets too many volts/ }).click();
  await page.getByRole('button', { name: /Set the BEC of the port controller to 5.0 V/ }).click();
  await expect(page.getByText('port controller: regulator 6.0 V → 5.0 V')).toBeVisible();
  await expect(well(page, 'Voltage')).toContainText('flooded · 3 stop');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('button', { name: 'Do it' })).toHaveCount(0);

  await page.getByRole('button', { name: /Set the BEC of the port controller to 5.0 V/ }).click();
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(well(page, 'Voltage')).toContainText('2 stop');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(well(page, 'Voltage')).toContainText('3 stop');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(well(page, 'Voltage')).toContainText('2 stop');
});

test('a finding shows its working, its parts and its leads', async ({ page }) => {
  await openTug(page, '/loom?well=connection');
  await page.getByRole('button', { name: /both push onto the radio rail/ }).click();
  await expect(page.locator('[data-node="port-controller"]')).toHaveAttribute('data-lit', 'true');
  await expect(page.locator('[data-lead="port-controller-lead--receiver-2"]')).toHaveAttribute(
    'data-lit',
    'true',
  );
  await expect(page.locator('[data-node="horn"]')).toHaveAttribute('data-dim', 'true');
  await page.getByRole('button', { name: 'How worked out' }).click();
  const sum = page.getByRole('table', { name: 'Numbers in the sum' });
  await expect(sum).toContainText('regulator of port controller, as set');
  await expect(sum).toContainText('6.0 V');
  await expect(sum).toContainText('stated');
});

test('a stop needs a reason to be accepted', async ({ page }) => {
  await openTug(page, '/loom?well=control');
  const dialog = page.getByRole('dialog');
  // The list of findings may just be drawn anew.
  await expect(async () => {
    await page.getByRole('button', { name: 'Accept with a reason' }).click({ timeout: 3_000 });
    await expect(dialog).toBeVisible({ timeout: 2_000 });
  }).toPass();
  await expect(dialog.getByRole('button', { name: 'Accept' })).toBeDisabled();
  await dialog.getByLabel('Why you accept a stop').fill('The receiver is being swapped tomorrow');
  await dialog.getByRole('button', { name: 'Accept' }).click();
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings, 1 accepted');
});

test('the loom as a picture has true wires, and as a table the same leads', async ({ page }) => {
  await openTug(page);
  const wires = page.locator('[data-lead="port-controller-lead--receiver-2"] [data-wire]');
  await expect(wires).toHaveCount(3);
  expect(await wires.evaluateAll((all) => all.map((each) => each.getAttribute('data-wire')))).toEqual([
    'orange',
    'red',
    'brown',
  ]);
  await page.getByRole('button', { name: 'Table' }).click();
  const leads = page.getByRole('table', { name: 'Leads' });
  await expect(leads.getByRole('row')).toHaveCount(18);
  await expect(leads.getByRole('row', { name: /Port controller, receiver lead/ })).toContainText(
    'orange: signal',
  );
});
