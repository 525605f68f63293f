import { expect, test, type Page } from '@playwright/test';
import { choose, newBuild, openTug, well } from './tug';

const spot = (page: Page, name: RegExp) =>
  page.getByRole('group', { name: 'Radio, from the control to the part' }).getByRole('button', { name });

test('controls, channels and mixes are joined by dragging and by keys, and set on paper', async ({
  page,
}) => {
  await openTug(page, '/loom?view=radio');
  // By mouse: a switch with three positions for the lights.
  await spot(page, /^Control Switch C/).dragTo(spot(page, /^Function Lights/));
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeEnabled();
  await expect(spot(page, /^Control Switch B/)).toBeVisible();

  // By keys: the steering mixed into a drive.
  await spot(page, /^Function Steering/).press('Enter');
  await expect(page.getByText('Steering waits')).toBeVisible();
  await spot(page, /^Channel Channel 4, can be joined/).press('Enter');
  const dialog = page.getByRole('dialog', { name: 'What is meant?' });
  await dialog.getByRole('button', { name: /^Mix Steering into channel 4/ }).click();
  await expect(page.getByText('50 %', { exact: true })).toBeVisible();

  await spot(page, /^Channel Channel 4/).click();
  const editor = page.getByRole('region', { name: 'Channel 4' });
  await editor.getByLabel('Steering, %').fill('-30');
  await editor.getByLabel('Steering, %').blur();
  await expect(page.getByText('−30 %', { exact: true })).toBeVisible();
  await editor.getByLabel('End point, long pulses, %').fill('80');
  await editor.getByLabel('End point, long pulses, %').blur();
  await expect(editor.getByText(/^Pulses 1150, 1500, 1780 µs/)).toBeVisible();
  await editor.getByRole('slider', { name: 'Sub-trim' }).press('ArrowUp');
  await expect(editor.getByLabel('Sub-trim, µs')).toHaveValue('5');

  await page.goto('/fit-out');
  await expect(page.getByText('Set channel 4 in the transmitter').first()).toBeVisible();
  await page.goto('/sheet');
  const row = page.getByRole('row', { name: /^4 Starboard drive and Steering/ });
  await expect(row).toContainText('mixed from Starboard drive 100 % and Steering −30 %');
});

test('a linkage gives the end points of its channel, and says when a servo is driven past its stop', async ({
  page,
}) => {
  await openTug(page, '/loom?view=radio');
  await page
    .getByRole('button', { name: /^Describe its linkage/ })
    .first()
    .click();
  await page.getByRole('menuitem', { name: 'Rudder' }).click();
  const editor = page.getByRole('region', { name: 'Channel 1' });
  await expect(editor.getByText(/^The rod: 150\.03 mm between its holes/)).toBeVisible();
  await editor.getByLabel('Horn hole, mm').fill('18');
  await editor.getByLabel('Horn hole, mm').blur();
  const findings = page.getByRole('complementary', { name: 'Findings' });
  await expect(findings.getByText(/is driven far on after its mechanism has met its stop/)).toBeVisible();
  await editor.getByRole('button', { name: 'Set the end points where the stops are met' }).click();
  await expect(findings.getByText(/is driven (far )?on after/)).toHaveCount(0);
  await expect(editor.getByLabel('End point, long pulses, %')).not.toHaveValue('');
  // The least hole does not reach: the picture says so, and the finding too.
  await editor.getByLabel('Horn hole, mm').fill('4');
  await editor.getByLabel('Horn hole, mm').blur();
  await expect(findings.getByText(/does not take its mechanism to its stop|comes into line/)).toBeVisible();
});

test('a boat with a motor each side turns on one stick, by a mix made by dragging', async ({ page }) => {
  await openTug(page);
  await newBuild(page, 'Twin ferry', 'boat');
  const add = page.getByRole('group', { name: 'Add a function' });
  for (const name of ['Drive', 'Steering']) await add.getByRole('button', { name, exact: true }).click();
  await choose(page, 'Drive: part', /^brushed controller, 30 A, switching/);
  await choose(page, 'Drive: part', /^One more beside it/);
  await choose(page, 'Drive: part', /^brushed controller, 30 A, switching/);
  await choose(page, 'Add: Transmitter', /^transmitter, 10/);
  await choose(page, 'Add: Receiver', /^receiver, 8 channels, skerry/);

  await page.goto('/loom?view=radio');
  await page.getByRole('button', { name: /lack a control or channel$/ }).click();
  // Drive has the throttle's channel now, 3; the steering leaves its own for the screws.
  await spot(page, /^Function Steering/).dragTo(spot(page, /^Channel Channel 1/));
  const dialog = page.getByRole('dialog', { name: 'What is meant?' });
  await spot(page, /^Function Drive/).dragTo(spot(page, /^Channel Channel 4/));
  await dialog.getByRole('button', { name: /^Give channel 4 all of Drive as well/ }).click();
  await spot(page, /^Function Steering/).dragTo(spot(page, /^Channel Channel 3/));
  await dialog.getByRole('button', { name: /^Mix Steering into/ }).click();
  // Channel 4 belongs to no function, so that there is only one way.
  await spot(page, /^Function Steering/).dragTo(spot(page, /^Channel Channel 4/));
  await spot(page, /^Channel Channel 4/).click();
  const editor = page.getByRole('region', { name: 'Channel 4' });
  await editor.getByLabel('Steering, %').fill('-50');
  await editor.getByLabel('Steering, %').blur();
  await expect(spot(page, /^Part .*ontroller/)).toHaveCount(2);

  await page.getByRole('button', { name: 'Picture', exact: true }).click();
  await page.getByRole('button', { name: 'Wire it for me' }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Do/ }).click();
  await page.getByRole('button', { name: 'Radio', exact: true }).click();
  // Each controller hears a channel of its own.
  await expect(spot(page, /^Part .*ontroller.*, port 3/)).toHaveCount(1);
  await expect(spot(page, /^Part .*ontroller.*, port 4/)).toHaveCount(1);
});

test('a camera gets a radio of its own, with channels of its own', async ({ page }) => {
  await openTug(page, '/brief');
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Survey catamaran' }).click();
  await expect(well(page, 'Control')).toContainText('dry');
  await choose(page, 'Add: Transmitter', /^wheel/);
  await page.getByRole('button', { name: 'More for Camera pan' }).click();
  await page.getByRole('menuitem', { name: 'Worked by the transmitter 2' }).click();
  await expect(well(page, 'Control')).toContainText('stop');
  await expect(
    page.getByText(/^The pan servo is in the receiver, which hears the transmitter/),
  ).toBeVisible();
  await page.getByRole('link', { name: /Loom/ }).click();
  await page.getByRole('button', { name: 'Radio', exact: true }).click();
  await page.getByRole('button', { name: 'Transmitter 2: 1 function' }).click();
  await expect(spot(page, /^Control Steering wheel/)).toBeVisible();
  await expect(spot(page, /^Function Steering/)).toHaveCount(0);
  const copied = page.getByRole('checkbox', { name: 'Copied from my transmitter' });
  // A busy page draws the tick a moment after the click.
  await copied.click();
  await expect(copied).toBeChecked();
  await page.getByRole('button', { name: 'Transmitter: 4 functions' }).click();
  await expect(page.getByRole('checkbox', { name: 'Copied from my transmitter' })).not.toBeChecked();
  await choose(page, 'The receiver is bound to', /^transmitter 2$/);
  // What nobody put on a radio is on the one that its parts hear.
  await expect(page.getByRole('button', { name: 'Transmitter 2: 5 functions' })).toBeVisible();
});
