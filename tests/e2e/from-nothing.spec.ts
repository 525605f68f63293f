import { expect, test } from '@playwright/test';
import { choose, newBuild, openTug, putRight, saved, well } from './tug';

test('the salt-flat yacht from nothing to dry', async ({ page }) => {
  await openTug(page);
  await newBuild(page, 'Salt-flat yacht of my own', 'yacht');
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('facts missing');

  await page.getByRole('button', { name: 'Steering', exact: true }).click();
  await page.getByRole('button', { name: 'Sail winch', exact: true }).click();
  await choose(page, 'Steering: part', /^micro servo \d/);
  await choose(page, 'Sail winch: part', /^sail winch servo/);
  await choose(page, 'Add: Transmitter', /^transmitter, 6 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 4 channels, skerry/);
  await choose(page, 'Add: Pack', /^dry cell, 4 cells, 7800/);
  await expect(page.getByText('0 of 2 functions connected')).toBeVisible();

  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await expect(page.getByRole('dialog', { name: 'Wire it for me' })).toContainText(
    'Pack into receiver port B',
  );
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();

  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
  // What the dry cells do at their end is good to know, and no more.
  await expect(well(page, 'Voltage')).toContainText('2 notes');
});

test('a step of the proposal is refused, and what rests on it goes too', async ({ page }) => {
  await openTug(page);
  await newBuild(page, 'Skiff', 'boat');
  await page.getByRole('button', { name: 'Steering', exact: true }).click();
  await choose(page, 'Steering: part', /^micro servo \d/);
  await choose(page, 'Add: Transmitter', /^transmitter, 6 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 6 channels, skerry/);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  const dialog = page.getByRole('dialog', { name: 'Wire it for me' });
  await expect(dialog).toContainText('Steering servo into receiver port 1');
  await dialog.getByRole('checkbox', { name: /^Steering: channel 1/ }).click();
  await expect(dialog).not.toContainText('into receiver port 1');
  await expect(dialog.getByRole('button', { name: 'Do these 0 steps' })).toBeDisabled();
});

test('wiring by hand: unplug, plug in elsewhere, lift a wire, put it back', async ({ page }) => {
  await openTug(page, '/loom?view=table');
  await page.getByRole('button', { name: 'Horn, servo lead' }).click();
  await page.getByRole('button', { name: 'Unplug' }).click();
  await expect(page.getByRole('table', { name: 'Leads' }).getByRole('row')).toHaveCount(17);
  await page.getByRole('table', { name: 'Parts' }).getByRole('button', { name: 'Horn' }).click();
  await page.getByRole('button', { name: 'Plug in…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Plug in the horn' });
  await dialog.getByLabel('Into').click();
  await page.getByRole('option', { name: 'receiver, port 8' }).click();
  await expect(dialog).toContainText('They go together.');
  await dialog.getByRole('button', { name: 'Plug in' }).click();
  await expect(page.getByRole('table', { name: 'Leads' }).getByRole('row')).toHaveCount(18);

  await page.getByRole('button', { name: 'Starboard controller, receiver lead' }).click();
  await page.getByRole('button', { name: 'Lift red' }).click();
  await expect(well(page, 'Connection')).toContainText('3 stop');
  await page.getByRole('button', { name: 'Put back red' }).click();
  await expect(well(page, 'Connection')).toContainText('4 stop');
  await page.getByRole('button', { name: 'Cut…' }).click();
  await page.getByRole('menuitem', { name: 'the red wire' }).click();
  await expect(well(page, 'Connection')).toContainText('3 stop');
  await page.getByRole('button', { name: 'Splice red' }).click();
  await expect(well(page, 'Connection')).toContainText('4 stop');
});

test('a part is moved in the picture by keys and by dragging, and groups fold into a box', async ({
  page,
}) => {
  await openTug(page);
  const top = async (id: string) =>
    (await page.locator(`[data-node="${id}"] > rect`).first().boundingBox())!.y;
  const lamps = page.locator('[data-node="lamps"]');
  await lamps.focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(async () => (await top('lamps')) > (await top('horn'))).toBe(true);
  // The one that is followed is dragged.
  await lamps.locator('rect').first().click();
  const from = (await lamps.locator('rect').first().boundingBox())!;
  await page.mouse.move(from.x + 40, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y - 60, { steps: 3 });
  await page.mouse.move(from.x + 40, (await top('starboard-rudder')) + 2, { steps: 3 });
  await page.mouse.up();
  await expect.poll(async () => (await top('lamps')) < (await top('starboard-rudder'))).toBe(true);
  await saved(page);
  await page.reload();
  await expect(lamps).toBeVisible();
  expect(await top('lamps')).toBeLessThan(await top('starboard-rudder'));

  await page.getByRole('button', { name: 'Fold…' }).click();
  await page.getByRole('menuitem', { name: /Port drive/ }).click();
  await expect(page.locator('[data-node="port-motor"]')).toHaveCount(0);
  await page.locator('[data-node="folded:function:port-drive"]').click({ position: { x: 60, y: 12 } });
  await expect(page.locator('[data-node="port-motor"]')).toBeVisible();
});

test('a part of one’s own in the locker, fitted and offered', async ({ page }) => {
  await openTug(page, '/locker?kind=servo');
  await page.getByRole('button', { name: /^standard servo ?4/ }).click();
  await expect(page.getByRole('article', { name: 'standard servo', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Copy and edit' }).click();
  await page.getByLabel('Max voltage, V').fill('8,4');
  await page.getByLabel('Max voltage, V').blur();
  await expect(page.getByRole('button', { name: /^standard servo, mine.*4.5–8.4 V/ })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /^standard servo, mine.*own.*4.5–8.4 V/ })).toBeVisible();
  await page.getByRole('link', { name: /Loom/ }).click();
  await putRight(
    page,
    /monitor pan servo gets too many volts/,
    /Swap the monitor pan servo for: standard servo, mine/,
  );
});

test('builds are renamed, duplicated, deleted and brought back', async ({ page }) => {
  await openTug(page, '/builds');
  await page.getByRole('button', { name: 'Duplicate Harbour tug, as planned' }).click();
  await expect(
    page.getByRole('button', { name: 'Harbour tug, as planned, copy', exact: true }),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Rename Harbour tug, as planned, copy' }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Second tug');
  await page.getByRole('textbox', { name: 'Name' }).press('Enter');
  await page.getByRole('button', { name: 'Delete Second tug' }).click();
  await expect(page.getByRole('button', { name: 'Second tug', exact: true })).toHaveCount(0);
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Second tug', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Build: Second tug' })).toBeVisible();
});
