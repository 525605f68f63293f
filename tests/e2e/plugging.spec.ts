import { expect, test } from '@playwright/test';
import { openTug, well } from './tug';

test('a servo is unplugged and plugged in again port to port in the picture', async ({ page }) => {
  await openTug(page);
  await page.locator('[data-node="monitor-pan"]').click();
  await page.getByRole('button', { name: 'Remove from the build' }).click();
  await page.getByRole('link', { name: /Locker/ }).click();
  await page
    .getByRole('button', { name: /^micro servo/ })
    .first()
    .click();
  // Fitting is seen on another screen: it is said here, with the way back.
  await page.getByRole('button', { name: 'Add to this build' }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Redo', exact: true })).toBeEnabled();
  await page.getByRole('button', { name: 'Add to this build' }).click();
  await page.getByRole('link', { name: /Loom/ }).click();

  const port = page.getByRole('button', { name: /^Servo, servo lead, free: tap to plug it in/ });
  await port.click();
  await expect(page.getByText(/waits: tap the port that it goes to/)).toBeVisible();
  await page.getByRole('button', { name: /^Receiver, 3, goes together/ }).click();
  await expect(page.getByText(/^Servo: .* 1 lead\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Receiver, 3, free/ })).toBeVisible();
});

test('a plug is dragged to another port, refused where it only looks alike, and shares a port by a Y-lead', async ({
  page,
}) => {
  await openTug(page);
  const spot = (name: RegExp) => page.getByRole('button', { name, includeHidden: true });
  await spot(/^Receiver, 8, taken/).dragTo(spot(/^Receiver, B, free/));
  // The power row carries no channel, and takes the same plug.
  await expect(page.getByRole('button', { name: /^Receiver, 8, free/ })).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(spot(/^Receiver, 8, taken/)).toBeVisible();

  await spot(/^Receiver, 8, taken/).dragTo(spot(/^Receiver, 7, taken/));
  const dialog = page.getByRole('dialog', { name: 'They do not go together as they are' });
  await expect(dialog).toContainText('has the plug of the lamps in it');
  await dialog.getByRole('button', { name: /^Put a Y-lead there for both/ }).click();
  await expect(page.locator('[data-node]', { hasText: 'Y-lead' })).toHaveCount(2);
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
