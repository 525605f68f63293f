import { expect, test } from '@playwright/test';
import { openTug, well } from './tug';

test('a servo is unplugged and plugged in again port to port in the picture', async ({ page }) => {
  await openTug(page);
  await page.locator('[data-node="monitor-pan"]').click();
  await page.getByRole('button', { name: 'Take it out' }).click();
  await page.getByRole('link', { name: /Locker/ }).click();
  await page
    .getByRole('button', { name: /^micro servo/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Fit it into this build' }).click();
  await page.getByRole('link', { name: /Loom/ }).click();

  const port = page.getByRole('button', { name: /^Servo, servo lead, free: tap to plug it in$/ });
  await port.click();
  await expect(page.getByText(/waits: tap the free port that it goes to/)).toBeVisible();
  await page.getByRole('button', { name: /^Receiver, 3, goes together/ }).click();
  await expect(page.getByText(/^Servo: .* 1 lead\.$/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: /^Receiver, 3, free/ })).toBeVisible();
});

test('the open build can be deleted, and put back', async ({ page }) => {
  await openTug(page, '/builds');
  await page.getByRole('button', { name: 'Delete Harbour tug, as planned' }).click();
  await expect(page.getByText('Harbour tug, as planned was deleted')).toBeVisible();
  // Something is always open: a fresh demo where nothing else was stored.
  await expect(well(page, 'Voltage')).toBeVisible();
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Delete Harbour tug, as planned' })).toHaveCount(2);
});
