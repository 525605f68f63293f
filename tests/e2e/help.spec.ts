import { expect, test } from '@playwright/test';
import { openTug, well } from './tug';

test('the first run leads through one finding, goes on after a reload, is skipped and recalled', async ({
  page,
}) => {
  await openTug(page);
  const guide = page.getByRole('note', { name: 'First steps' });
  await guide.getByRole('button', { name: /^A look around/ }).click();
  await expect(guide).toContainText('Open the Voltage well');
  await well(page, 'Voltage').click();
  await expect(guide).toContainText('Press its first button');
  await page.getByRole('button', { name: /monitor pump, 12 V/ }).click();
  await expect(guide).toContainText('Now press “Do it”');
  await page.getByRole('button', { name: 'Do it' }).click();
  await expect(guide).toContainText('One problem fixed');
  await page.reload();
  await expect(guide).toContainText('4 of 5');
  await page.keyboard.press('5');
  await expect(guide).toContainText('5 of 5');
  await guide.getByRole('button', { name: 'Skip' }).click();
  await expect(guide).toHaveCount(0);
  await page.reload();
  await expect(well(page, 'Voltage')).toBeVisible();
  await expect(guide).toHaveCount(0);
  await page.keyboard.press('Control+k');
  await page.getByRole('combobox', { name: 'What do you want to do?' }).fill('first steps');
  await page.keyboard.press('Enter');
  await expect(guide).toContainText('What brings you here?');
});

test('help is of this screen, can be searched, and names every key', async ({ page }) => {
  await openTug(page, '/berths');
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Help' });
  await expect(help.getByRole('heading', { name: /^Berths: Does it fit/ })).toBeVisible();
  await expect(help.getByText('in the Berths: lift, lower and turn the part')).toBeVisible();
  await help.getByLabel(/^Look for a word/).fill('brown-out');
  await expect(help.getByText(/^The rail sinks so low/)).toBeVisible();
  await expect(help.getByRole('heading', { name: /^Berths/ })).toHaveCount(0);
  await help.getByLabel(/^Look for a word/).fill('xyzzy');
  await expect(help.getByText('Nothing is said of “xyzzy” here.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
});

test('anything by name: a station, a part by what else it is called, a slip of the fingers, a put-right', async ({
  page,
}) => {
  await openTug(page);
  const wish = page.getByRole('combobox', { name: 'What do you want to do?' });
  await page.getByRole('button', { name: 'Commands and shortcuts' }).click();
  await wish.fill('locker');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Locker' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await wish.fill('tow batery');
  await page.getByRole('option', { name: 'Tow pack', exact: true }).click();
  await expect(page.getByText(/^Tow pack: /)).toBeVisible();
  await page.keyboard.press('Control+k');
  await wish.fill('zzzz');
  await expect(page.getByText(/^Nothing is called so/)).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(wish).toHaveCount(0);
  await page.keyboard.press('Control+k');
  await wish.fill('skerry set transmitter');
  // What puts things right is worked out beside the page.
  await page.getByRole('option', { name: /^Set the transmitter to skerry/ }).click();
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings');
});

test('words of the bench explain themselves where they stand', async ({ page }) => {
  await openTug(page, '/loom?well=current');
  await page.getByRole('button', { name: 'rail', exact: true }).first().focus();
  await expect(page.getByRole('tooltip')).toContainText('The plus that the receiver and all servos share');
});
