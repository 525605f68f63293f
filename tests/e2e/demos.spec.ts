import { expect, test, type Page } from '@playwright/test';
import { choose, newBuild, openTug, putRight, well } from './tug';

/** Fits a part of the locker into the open build. */
async function fit(page: Page, kind: string, part: string): Promise<void> {
  await page.goto(`/locker?kind=${kind}&part=${part}`);
  await page.getByRole('button', { name: 'Fit it into this build' }).click();
}

async function wireItForMe(page: Page): Promise<void> {
  await page.goto('/brief');
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
}

test('the field tractor from nothing: a board that is receiver and controller, shift, lock, lift, beacons', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Field tractor of my own', 'truck');
  for (const name of ['Steering', 'Drive', 'Gear shift', 'Axle lock', 'Lift', 'Lights'])
    await page.getByRole('button', { name, exact: true }).click();
  await choose(page, 'Add: Board with several parts', /^receiver and controller on one board, 6/);
  await choose(page, 'Steering: part', /^standard servo \d/);
  await choose(page, 'Drive: part', /controller \(in the model\)/);
  for (const name of ['Gear shift', 'Axle lock', 'Lift'])
    await choose(page, `${name}: part`, /^micro servo \d/);
  await choose(page, 'Lights: part', /^beacon lamps/);
  await choose(page, 'Add: Transmitter', /^transmitter, 10 channels/);
  await choose(page, 'Add: Pack', /^LiPo, 2 cells, 3300/);
  await choose(page, 'Add: Motor', /55 turns/);
  await fit(page, 'cable', 'fuse-blade-20');
  await wireItForMe(page);
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
});

test('the survey catamaran from nothing: a rail of 7.4 V, and the camera’s servos on a second one', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Survey catamaran of my own', 'boat');
  for (const name of ['Steering', 'Drive', 'Second drive', 'Pan', 'Lift'])
    await page.getByRole('button', { name, exact: true }).click();
  await choose(page, 'Steering: part', /^low-profile servo \d/);
  for (const name of ['Drive', 'Second drive'])
    await choose(page, `${name}: part`, /^brushed controller, 20 A/);
  for (const name of ['Pan', 'Lift']) await choose(page, `${name}: part`, /^micro servo, low volts/);
  await choose(page, 'Add: Transmitter', /^transmitter, 10 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 8 channels, skerry/);
  await choose(page, 'Add: Pack', /^LiPo, 3 cells, 5000 mAh, 40/);
  for (let n = 0; n < 2; n += 1) await choose(page, 'Add: Motor', /55 turns/);
  await choose(page, 'Add: Own BEC', /^stand-alone BEC, 8 A/);
  await fit(page, 'load', 'video-sender');
  await wireItForMe(page);
  await page.goto('/loom?view=table');
  await page.getByRole('table', { name: 'Parts' }).getByRole('button', { name: 'BEC', exact: true }).click();
  await page.getByRole('button', { name: 'BEC volts…' }).click();
  await page.getByRole('menuitem', { name: '7.4 V' }).click();
  await expect(well(page, 'Voltage')).toContainText('flooded · 2 stop');
  await putRight(page, /pan servo gets too many volts/, /^Give the pan servo its own BEC, 5.0 V/);
  await putRight(page, /lift servo gets too many volts/, /^Feed the lift servo from the BEC for the pan/);
  for (const name of ['Voltage', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
});
