import { expect, test, type Locator, type Page } from '@playwright/test';
import { choose, newBuild, openTug, well } from './tug';

/** Types into a field of a sheet, and leaves it. */
async function type(at: Page | Locator, label: string, value: string): Promise<void> {
  const field = at.getByLabel(label, { exact: true });
  await field.fill(value);
  await field.blur();
}

/** A sheet typed in from nothing, of a kind. */
async function blankSheet(page: Page, kind: string, name: string): Promise<void> {
  await openTug(page, `/locker?kind=${kind}`);
  await page.getByRole('button', { name: 'Type in another sheet' }).click();
  await type(page, 'Name', name);
}

test('a board that is receiver and controller, typed in, drives a tractor', async ({ page }) => {
  await blankSheet(page, 'board', 'Tractor board');
  await page.getByRole('button', { name: 'Add a receiver' }).click();
  await page.getByRole('button', { name: 'Add a speed controller' }).click();
  const receiver = page.getByRole('region', { name: 'Receiver', exact: true });
  await type(receiver, 'Radio links it speaks, commas between', 'skerry link');
  await type(receiver, 'Least volts, V', '4');
  await type(receiver, 'Most volts, V', '8.4');
  await type(receiver, 'Draws, A', '80 mA');
  await choose(page, 'Worked by, controller', /^channel 2 of its receiver/);
  const controller = page.getByRole('region', { name: 'Controller', exact: true });
  await type(controller, 'Least input, V', '5');
  await type(controller, 'Most input, V', '3S');
  await type(controller, 'Continuous, A', '25');
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
  await choose(page, 'Add: Board with several parts', /^Tractor board/);
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
  // What the sheet does not say is asked, and answered where it is asked.
  await page.getByRole('button', { name: 'Protection of the board' }).click();
  await choose(page, 'Against water', /^coated/);
  await expect(page.getByRole('dialog')).toContainText('Answered.');
});

test('a light board that hears two channels, typed in, within its limits and over them', async ({ page }) => {
  await blankSheet(page, 'board', 'Lamp board');
  for (const [n, at] of ['brake', 'head'].entries()) {
    await page.getByRole('button', { name: 'Add a switched output' }).click();
    const output = page.getByRole('region', { name: `Output ${n + 1}`, exact: true });
    await type(output, 'Least on its lead, V', '4.5');
    await type(output, 'Most on its lead, V', '8.4');
    await type(output, 'Switches up to, V', '8.4');
    await type(output, 'Draws, A', '20 mA');
    await type(page, `Name of the row output ${n + 1}`, at);
    await type(page, `Most from ${at}, A`, '0.6');
    await choose(page, `Plug, ${at}`, /^small two-pole box plug/);
  }
  await type(page, 'All outputs together, A', '1.2');

  await newBuild(page, 'Crawler with lamps', 'crawler');
  for (const name of ['Steering', 'Drive']) await page.getByRole('button', { name, exact: true }).click();
  for (let n = 0; n < 2; n += 1) await page.getByRole('button', { name: 'Lights', exact: true }).click();
  await choose(page, 'Steering: part', /^standard servo \d/);
  await choose(page, 'Drive: part', /^brushed controller, 30 A/);
  await choose(page, 'Add: Transmitter', /^transmitter, 10 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 8 channels, skerry/);
  await choose(page, 'Add: Pack', /^LiPo, 3 cells, 4000/);
  await choose(page, 'Add: Motor', /55 turns/);
  await choose(page, 'Add: Board with several parts', /^Lamp board/);
  await choose(page, 'Lights: part', /output 1 \(in the model\)/);
  await choose(page, 'Lights 2: part', /output 2 \(in the model\)/);
  for (let n = 0; n < 2; n += 1) {
    await page.goto('/locker?kind=load&part=lamps-6');
    await page.getByRole('button', { name: 'Fit it into this build' }).click();
  }
  await page.goto('/brief');
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Board’s output 1 to the lamps');
  await expect(dialog).toContainText('Board’s output 2 to the lamps 2');
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  await expect(well(page, 'Connection')).toContainText('dry');
  await expect(well(page, 'Current')).toContainText('damp');

  await page.goto('/locker?kind=board');
  await page.getByRole('button', { name: /^Lamp board/ }).click();
  await type(page, 'All outputs together, A', '0.8');
  await page.getByRole('button', { name: 'Use this one there' }).click();
  await expect(well(page, 'Current')).toContainText('flooded');
  await expect(
    page.getByText('The outputs of the board together give more than the board may'),
  ).toBeVisible();
});

test('a buggy with an engine: throttle servo typed in, dry cells behind a hand switch', async ({ page }) => {
  await blankSheet(page, 'servo', 'Throttle servo');
  await page.getByRole('button', { name: 'Add a voltage' }).click();
  await type(page, 'Torque at 4.8 V, kg·cm', '83 oz-in');
  await type(page, 'Stalled at 4.8 V, A', '900 mA');
  await type(page, 'Sixty degrees at 4.8 V, s', '0.14 s/60°');
  await type(page, 'Least volts, V', '4.5');
  await type(page, 'Most volts, V', '6.6');

  await newBuild(page, 'Fuel buggy', 'car');
  for (const name of ['Steering', 'Throttle and brake'])
    await page.getByRole('button', { name, exact: true }).click();
  await choose(page, 'Steering: part', /^standard servo \d/);
  await choose(page, 'Throttle and brake: part', /^Throttle servo/);
  await choose(page, 'Add: Transmitter', /^transmitter, 6 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 4 channels, skerry/);
  await choose(page, 'Add: Pack', /^dry cell, 4 cells, 7800/);
  await page.goto('/locker?kind=cable&part=hand-switch-servo');
  await page.getByRole('button', { name: 'Fit it into this build' }).click();
  await page.goto('/brief');
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  for (const name of ['Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
  // Dry cells run down below what both servos want: that is told, and no more.
  await expect(well(page, 'Voltage')).toContainText('damp · 2 mind');
  await page.goto('/fit-out');
  await page.getByRole('button', { name: /^Set and try the fail-safe/ }).click();
  await expect(page.getByText('Idle and brake for throttle and brake; the rest hold.')).toBeVisible();
});

test('an excavator with four controllers of a sheet typed in', async ({ page }) => {
  await blankSheet(page, 'controller', 'Digger controller');
  await type(page, 'Least input, V', '5');
  await type(page, 'Most input, V', '8.4');
  await type(page, 'Continuous, A', '12');
  await type(page, 'BEC gives, A', '1.5');
  await type(page, 'BEC volts, commas between', '5');
  await page
    .getByRole('group', { name: 'Cut-off for' })
    .getByRole('button', { name: 'LiPo', exact: true })
    .click();
  await choose(page, 'Against water', /^coated/);
  await choose(page, 'Plug, power lead', /^flat-blade T/);
  await newBuild(page, 'Clay excavator', 'tracked machine');
  for (const name of ['Left track', 'Right track', 'Slew', 'Lift']) {
    await page.getByRole('button', { name, exact: true }).click();
    await choose(page, `${name}: part`, /^Digger controller/);
    await choose(page, 'Add: Motor', /^brushed motor, 80 turns/);
  }
  await choose(page, 'Add: Transmitter', /^transmitter, 10 channels/);
  await choose(page, 'Add: Receiver', /^receiver, 8 channels, skerry/);
  await choose(page, 'Add: Pack', /^LiPo, 2 cells, 3300/);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await expect(page.getByRole('dialog')).toContainText(/Lift the red wire of/);
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  for (const name of ['Voltage', 'Control']) await expect(well(page, name)).toContainText('dry');
});
