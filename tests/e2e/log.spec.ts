import { expect, test } from '@playwright/test';
import { lookedAt, openTug, saved } from './tug';

test('a day is written down, stands beside the plan, and the plan learns from it', async ({ page }) => {
  await openTug(page);
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).click();
  await page.keyboard.press('7');
  await expect(page.getByRole('heading', { name: 'Nothing is written down yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Write down a day' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Place').fill('north basin');
  await dialog.getByLabel('Ran, min').fill('34');
  for (const [what, unit, value] of [
    ['Top speed', 'km/h', '6.6'],
    ['Amps of the tow winch', 'A', '0.4'],
  ] as const) {
    await dialog.getByLabel('What you read').click();
    await page.getByRole('option', { name: new RegExp(`^${what}`) }).click();
    await dialog.getByLabel(`Reading, ${unit}`).fill(value);
    await dialog.getByLabel(`Reading, ${unit}`).blur();
  }
  await dialog.getByLabel('Readings as CSV').setInputFiles({
    name: 'meter.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('what,value,unit\nspeed,3,km/h\n'),
  });
  await expect(dialog.getByRole('alert')).toContainText('row 2: “speed” cannot be read on this model');
  await dialog.getByLabel('Readings as CSV').setInputFiles({
    name: 'meter.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('what,value,unit\nrestVolts:receiver,4990,mV\n'),
  });
  await expect(dialog.getByRole('list', { name: 'Readings' })).toContainText('Volts at the receiver');
  await dialog.getByRole('button', { name: 'Write it down' }).click();

  const picture = page.getByRole('figure', { name: 'Read beside planned' });
  await expect(picture).toContainText('read 0.4 A');
  await expect(picture).toContainText('read 4.99 V · plan 4.99 V');
  const speed = picture.getByText(/km\/h/);
  const planned = (await speed.textContent())!;
  expect((await lookedAt(page).include('main').analyze()).violations.map(({ id }) => id)).toEqual([]);

  await page.getByRole('button', { name: 'Learn from these readings' }).click();
  const learn = page.getByRole('dialog', { name: 'Learn from these readings' });
  await expect(learn.getByText(/No estimate explains amps of the tow winch/)).toBeVisible();
  await expect(learn.getByRole('cell', { name: 'length at the waterline' })).toBeVisible();
  await learn.getByRole('button', { name: 'Take it into the plan' }).click();
  await expect(speed).not.toHaveText(planned);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(speed).toHaveText(planned);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: /, north basin$/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Upkeep' })).toContainText('0.6 h run since the log began');
});
