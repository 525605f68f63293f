import { expect, test, type Page } from '@playwright/test';
import { lookedAt, openTug } from './tug';

async function rehearse(page: Page, demo: string): Promise<void> {
  await openTug(page);
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: demo }).click();
  await expect(page.getByRole('button', { name: /^Build:/ })).not.toContainText('as planned');
  await page.getByRole('link', { name: '6 Fit-out' }).click();
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByLabel('Transmitter on').check();
  await page.getByLabel('Pack in').check();
}

const part = (page: Page, name: string) =>
  page.getByRole('list', { name: 'The model' }).getByRole('listitem', { name: new RegExp(`^${name}`) });

test('the tug is driven by keys: tones in words, rudders and screws that follow, a meter', async ({
  page,
}) => {
  await rehearse(page, 'Harbour tug, put right');
  await expect(page.getByText('port controller: armed')).toBeVisible();
  await page.getByRole('slider', { name: 'Port drive' }).focus();
  for (let n = 0; n < 8; n += 1) await page.keyboard.press('ArrowRight');
  await expect(part(page, 'port motor')).toContainText('ahead');
  await expect(part(page, 'starboard motor')).toContainText('still');
  await page.keyboard.press(' ');
  await expect(part(page, 'port motor')).toContainText('still');
  await page.getByRole('slider', { name: 'Steering' }).focus();
  for (let n = 0; n < 10; n += 1) await page.keyboard.press('ArrowLeft');
  await expect(part(page, 'port rudder')).toContainText(/-\d\d°/);
  await expect(page.getByRole('region', { name: 'Meter' })).toContainText('12.30 V');
  // In the water it goes somewhere, and what its receiver has is drawn.
  await page.getByRole('button', { name: 'Under way' }).click();
  await page.getByRole('slider', { name: 'Port drive' }).focus();
  for (let n = 0; n < 10; n += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/0\.[2-9] m\/s|[1-9]\.\d m\/s/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Volts of the receiver' })).toContainText(
    'it restarts under',
  );
  expect((await lookedAt(page).include('main').analyze()).violations.map(({ id }) => id)).toEqual([]);

  await page.getByRole('button', { name: 'Plant a mistake' }).click();
  await expect(page.getByText('Something is wrong with it now.')).toBeVisible();
  await page.getByRole('button', { name: 'Tell me' }).click();
  await expect(page.getByRole('region', { name: 'Mistakes' }).getByRole('status')).not.toBeEmpty();
  // The simulated instruments of the steps hang on the same model.
  await page.getByRole('button', { name: 'Back to the steps' }).click();
  await page
    .getByRole('button', { name: /^Measure/ })
    .first()
    .click();
  await expect(page.getByText('A mistake is planted, by the rehearsal')).toBeVisible();
  await page.getByRole('button', { name: 'As planned again' }).click();
  await expect(page.getByText('A mistake is planted, by the rehearsal')).toHaveCount(0);
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.getByLabel('Transmitter on').check();
  await page.getByLabel('Pack in').check();
  await expect(part(page, 'receiver')).toContainText('steady');
});

test('the yacht is sailed by a gamepad', async ({ page }) => {
  await page.addInitScript(() => {
    const pad = { id: 'scripted pad', axes: [0, 0, 0, 0], buttons: [] };
    Object.assign(window, { pad });
    navigator.getGamepads = () => [pad as unknown as Gamepad];
  });
  await rehearse(page, 'Salt-flat yacht');
  await expect(part(page, 'receiver')).toContainText('steady');
  await page.evaluate(() => {
    (window as unknown as { pad: { axes: number[] } }).pad.axes = [1, 0.5, 0, 0];
  });
  await expect(page.getByText('A gamepad moves it: scripted pad.')).toBeVisible();
  await expect(part(page, 'steering servo')).toContainText(/[1-9]\d°/);
  await expect(part(page, 'sail winch')).toContainText(/\d\d\d°/);
  await page.evaluate(() => {
    (window as unknown as { pad: { axes: number[] } }).pad.axes = [0, 0.5, 0, 0];
  });
  await expect(part(page, 'steering servo')).toContainText(/\b0°/);
});
