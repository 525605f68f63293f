import { expect, test, type Locator, type Page } from '@playwright/test';
import { choose, newBuild, openTug, well, emptySheet } from './tug';

/** Types into a field of a sheet, and leaves it. */
async function type(at: Page | Locator, label: string, value: string): Promise<void> {
  const field = at.getByLabel(label, { exact: true });
  await field.fill(value);
  await field.blur();
}

/** A sheet typed in from nothing, of a kind. */
async function blankSheet(page: Page, kind: string, name: string): Promise<void> {
  await openTug(page, `/locker?kind=${kind}`);
  await emptySheet(page);
  await type(page, 'Name', name);
}

test('a board that is receiver and controller, typed in, drives a tractor', async ({ page }) => {
  await blankSheet(page, 'board', 'Tractor board');
  await page.getByRole('button', { name: 'Add a receiver' }).click();
  await page.getByRole('button', { name: 'Add a speed controller' }).click();
  const receiver = page.getByRole('region', { name: 'Receiver', exact: true });
  await type(receiver, 'Radio links it speaks, commas between', 'skerry link');
  await type(receiver, 'Min voltage, V', '4');
  await type(receiver, 'Max voltage, V', '8.4');
  await type(receiver, 'Current, A', '80 mA');
  await choose(page, 'Worked by, controller', /^channel 2 of its receiver/);
  const controller = page.getByRole('region', { name: 'Controller', exact: true });
  await type(controller, 'Min voltage, V', '5');
  await type(controller, 'Max voltage, V', '3S');
  await type(controller, 'Continuous current, A', '25');
  await type(controller, 'BEC gives, A', '3');
  await type(controller, 'BEC volts, commas between', '6');
  await controller
    .getByRole('group', { name: 'Cut-off for' })
    .getByRole('button', { name: 'LiPo', exact: true })
    .click();
  await choose(page, 'Plug, power lead', /^flat-blade T/);
  for (let n = 0; n < 3; n += 1) await page.getByRole('button', { name: 'Add a servo socket' }).click();
  await page.getByRole('button', { name: 'Remove the row socket 2' }).click();
  await type(page, 'Name of the row socket 1', 'STEER');

  await newBuild(page, 'Farm tractor', 'truck');
  await page.getByRole('button', { name: 'Steering', exact: true }).click();
  await page.getByRole('button', { name: 'Drive', exact: true }).click();
  await choose(page, 'Add: All-in-one board', /^Tractor board/);
  await choose(page, 'Steering: part', /^standard servo \d/);
  await choose(page, 'Drive: part', /controller \(in the model\)/);
  await choose(page, 'Add: Transmitter', /^transmitter, 6 channels/);
  await choose(page, 'Add: Pack', /^LiPo, 3 cells, 4000/);
  await choose(page, 'Add: Motor', /35 turns/);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await expect(page.getByRole('dialog')).toContainText('Steering servo into STEER of the board');
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  for (const name of ['Voltage', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
  await page.keyboard.press('1');
  await choose(page, 'Will get', /^splash/);
  // What the sheet does not say is asked, and answered where it is asked.
  await page.getByRole('button', { name: 'Protection of the board' }).click();
  await choose(page, 'Against water', /^coated/);
  await expect(page.getByRole('dialog')).toContainText('Answered.');
});
