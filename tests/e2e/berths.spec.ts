import { expect, test, type Page } from '@playwright/test';
import { choose, lookedAt, newBuild, openTug, putRight, well } from './tug';

const part = (page: Page, id: string) => page.locator(`[data-plan] [data-part="${id}"]`);
const placeOf = (page: Page) => page.getByRole('region', { name: /^Place of the/ });

/** Lets the program find places, and takes them. */
async function placeThem(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Find places' }).click();
  const dialog = page.getByRole('dialog', { name: 'Place them for me' });
  await expect(dialog).toContainText('Then:');
  await dialog.getByRole('button', { name: /^Place (it|these)/ }).click();
  await expect(dialog).toHaveCount(0);
}

async function chooseParts(page: Page, functions: string[], parts: [string, RegExp][]): Promise<void> {
  for (const name of functions) await page.getByRole('button', { name, exact: true }).click();
  for (const [label, option] of parts) await choose(page, label, option);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
}

test('a car laid out from its shape and two sizes; a part that is dragged out of its tray is told, and put back', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Dune buggy', 'car');
  await chooseParts(
    page,
    ['Steering', 'Drive'],
    [
      ['Steering: part', /^standard servo \d/],
      ['Drive: part', /^brushless controller, 40 A/],
      ['Add: Transmitter', /^transmitter, 6/],
      ['Add: Receiver', /^receiver, 6 channels, skerry/],
      ['Add: Pack', /^LiPo, 2 cells, 5000/],
      ['Add: Motor', /^brushless motor, 900/],
    ],
  );
  await expect(well(page, 'Space')).toContainText('not laid out yet');
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { level: 1, name: /^Berths/ })).toBeVisible();
  await page.getByRole('radio', { name: /^Car chassis/ }).click();
  await page.getByLabel('Length of the chassis, mm').fill('410');
  await page.getByLabel('Axle to axle, mm').fill('290');
  await page.getByRole('button', { name: 'Draw it' }).click();
  await placeThem(page);
  await expect(page.getByRole('region', { name: 'Balance' })).toContainText('on the front');
  // The Brief has not told the mass: it is asked for, not guessed in silence.
  await expect(page.getByRole('region', { name: 'Not known' })).toContainText('Mass of the model');
  await expect(well(page, 'Space')).not.toContainText('stop');

  const box = (await part(page, 'receiver').boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + 10, box.y - 40, { steps: 4 });
  await page.mouse.move(box.x + 10, 180, { steps: 4 });
  // The hull follows the hand: the part has not been put down yet.
  await expect(well(page, 'Space')).toContainText('mm over');
  await page.mouse.up();
  await expect(well(page, 'Space')).toContainText('mm over');
  await putRight(page, /^The receiver lies in no berth/, /^Move the receiver/);
  await expect(well(page, 'Space')).not.toContainText('mm over');

  // A servo of “the same size”: the car's own holes and horn are others, and what is done of it is a step.
  await part(page, 'steering-servo').click();
  const seat = page.getByRole('region', { name: /^Seat of the/ });
  await seat.getByLabel('Hole to hole, mm').fill('44');
  await seat.getByLabel('Teeth in the horn').fill('24');
  await seat.getByLabel('Teeth in the horn').blur();
  await putRight(
    page,
    /^The screw holes of the steering servo do not meet/,
    /^Set the steering servo on a plate/,
  );
  await putRight(page, /^The horn does not go on the steering servo/, /^Get a horn with 25 teeth/);
  await expect(well(page, 'Space')).not.toContainText('stop');
  await page.goto('/fit-out?step=seat:steering-servo');
  await expect(page.getByRole('main')).toContainText('holes 44 mm apart; for the servo holes 49.5 mm apart');
});

test('a boat laid out; a lead that is too short is told and lengthened; the pack levels her', async ({
  page,
}) => {
  await openTug(page);
  await newBuild(page, 'Pilot cutter', 'boat');
  await page.getByLabel('Mass, kg').fill('4');
  await chooseParts(
    page,
    ['Steering', 'Drive'],
    [
      ['Steering: part', /^standard servo \d/],
      ['Drive: part', /^brushed controller, 20 A/],
      ['Add: Transmitter', /^transmitter, 6/],
      ['Add: Receiver', /^receiver, 6 channels, skerry/],
      ['Add: Pack', /^LiPo, 2 cells, 5000/],
      ['Add: Motor', /55 turns/],
    ],
  );
  await page.keyboard.press('4');
  await page.getByLabel('Length over all, mm').fill('700');
  await page.getByLabel('Beam, mm').fill('220');
  await page.getByRole('button', { name: 'Draw it' }).click();
  await placeThem(page);
  await expect(well(page, 'Space')).not.toContainText('stop');

  // Somebody holds a rule to the lead of the rudder's servo.
  await page.goto('/loom?view=table');
  await page.getByRole('row').filter({ hasText: 'channel 1, steering' }).getByRole('button').click();
  await page.getByRole('textbox', { name: /Length/ }).fill('120');
  await page.getByRole('textbox', { name: /Length/ }).press('Tab');
  await expect(well(page, 'Space')).toContainText('mm short');
  await page.keyboard.press('Escape');
  await page.goto('/berths');
  await expect(page.getByText(/^\d+ mm short$/)).toBeVisible();
  await putRight(page, /^The lead of the .* does not reach the receiver/, /^Put the extension/);
  await expect(page.getByText(/^\d+ mm short$/)).toHaveCount(0);

  const balance = page.getByRole('region', { name: 'Balance' });
  const slider = balance.getByRole('slider');
  await slider.focus();
  await page.keyboard.press('End');
  await expect(well(page, 'Space')).toContainText('mm over');
  await expect(balance).toContainText('trim, by the bow');
  await putRight(page, /^She floats down by the bow/, /^Move the pack/);
  await expect(well(page, 'Space')).not.toContainText('stop');
});

test('parts are moved and turned by keys and by figures, and a hole is opened in the table', async ({
  page,
}) => {
  await openTug(page, '/berths');
  await part(page, 'horn').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowRight');
  await part(page, 'horn').click();
  const along = placeOf(page).getByLabel('Along, mm');
  const before = Number(await along.inputValue());
  await part(page, 'horn').focus();
  await page.keyboard.press('ArrowLeft');
  await expect(along).toHaveValue(String(before - 5));
  await page.keyboard.press('r');
  await along.fill('505');
  await along.press('Tab');
  await expect(part(page, 'horn')).toHaveAttribute('aria-label', /505 mm along/);
  await placeOf(page).getByRole('button', { name: 'Take it up' }).click();
  await expect(page.getByText('1 part lies nowhere yet: horn')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Not known' })).toContainText('Where the horn lies');

  const plug = page.getByRole('button', { name: /^The plug between the tow pack and the power harness/ });
  await expect(plug).toBeVisible();
  await page.getByRole('button', { name: 'Model', exact: true }).click();
  const hole = page.getByLabel('across of port hole of the fore bulkhead');
  await hole.fill('20');
  await hole.press('Tab');
  await expect(plug).toHaveCount(0);
});

test('a room is drawn, stretched by a corner and moved with the mouse', async ({ page }) => {
  await openTug(page, '/berths?view=model');
  await page.getByRole('button', { name: 'Draw a room' }).click();
  const plan = (await page.locator('[data-plan] path').nth(1).boundingBox())!;
  const at = (x: number, y: number) =>
    [plan.x + plan.width * x, plan.y + plan.height * y] satisfies [number, number];
  const drag = async (from: [number, number], to: [number, number]) => {
    await page.mouse.move(...from);
    await page.mouse.down();
    await page.mouse.move((from[0] + to[0]) / 2, (from[1] + to[1]) / 2, { steps: 3 });
    await page.mouse.move(...to, { steps: 3 });
    await page.mouse.up();
  };
  await drag(at(0.72, 0.3), at(0.8, 0.6));
  const long = page.getByLabel('long of shelf 4');
  const aft = page.getByLabel('from aft of shelf 4');
  await expect(long).toBeVisible();
  const [was, stood] = [Number(await long.inputValue()), Number(await aft.inputValue())];
  expect(was).toBeGreaterThan(40);
  const corner = (await page.locator('[data-corner="fore port"]').last().boundingBox())!;
  const grip: [number, number] = [corner.x + corner.width / 2, corner.y + corner.height / 2];
  await drag(grip, [grip[0] + 40, grip[1]]);
  await expect.poll(async () => Number(await long.inputValue())).toBeGreaterThan(was + 20);
  await expect(aft).toHaveValue(String(stood));
  await drag(at(0.76, 0.45), at(0.7, 0.45));
  await expect.poll(async () => Number(await aft.inputValue())).toBeLessThan(stood - 20);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(aft).toHaveValue(String(stood));
});

test.describe('by night', () => {
  test.use({ colorScheme: 'dark', viewport: { width: 1024, height: 768 } });
  test('the rooms of the model and the search for places: nothing cut off, and nothing that axe minds', async ({
    page,
  }) => {
    await openTug(page, '/berths?view=model');
    await expect(page.getByRole('region', { name: 'The model' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0,
    );
    expect((await lookedAt(page).analyze()).violations.map(({ id }) => id)).toEqual([]);
    await page.getByRole('button', { name: 'Place them for me' }).click();
    await expect(page.getByRole('dialog')).toContainText('Then:');
    // Colours are read once the dialog has come in.
    await expect.poll(() => page.evaluate(() => document.getAnimations().length)).toBe(0);
    expect((await lookedAt(page).analyze()).violations.map(({ id }) => id)).toEqual([]);
  });
});
