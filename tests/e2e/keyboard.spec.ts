import { expect, test, type Page } from '@playwright/test';
import { openTug, well } from './tug';

/** Presses Tab until the focused element's text or label matches. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let n = 0; n < 90; n += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const at = document.activeElement;
      return at?.getAttribute('aria-label') ?? at?.textContent ?? '';
    });
    if (name.test(label)) return;
  }
  throw new Error(`no Tab stop matches ${name}`);
}

test('by keyboard alone: a well, a finding, a put-right, undo, the stations', async ({ page }) => {
  await openTug(page);
  await tabTo(page, /^Control/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'In the Control well' })).toBeVisible();
  await tabTo(page, /Set the transmitter to skerry link/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Do it$/);
  await page.keyboard.press('Enter');
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings');
  await page.keyboard.press('Control+z');
  await expect(well(page, 'Control')).toContainText('2 stops, 2 warnings');
  await page.keyboard.press('Control+Shift+z');
  await expect(well(page, 'Control')).toContainText('1 stop, 2 warnings');
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { level: 1, name: 'Fit-out' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { level: 1, name: /Loom/ })).toBeVisible();
});

test('parts of the picture can be followed by keyboard', async ({ page }) => {
  await openTug(page);
  await expect(page.locator('[data-node="tow-winch"]')).toBeVisible();
  await tabTo(page, /^Tow winch, on 6.0 V/);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Tow winch: winch servo, six turns/)).toBeVisible();
  await expect(page.locator('[data-lead="tow-winch-lead--receiver-5"]')).toHaveAttribute('data-lit', 'true');
  await page.keyboard.press('Escape');
  await expect(page.getByText(/^Tap a part or a lead to follow it/)).toBeVisible();
});

test('digits do not jump away while typing', async ({ page }) => {
  await openTug(page, '/loom?well=control');
  await page.getByRole('button', { name: 'Accept with a reason' }).click();
  await page.getByLabel('Why you accept a stop').pressSequentially('in 6 days');
  await expect(page.getByLabel('Why you accept a stop')).toHaveValue('in 6 days');
  await expect(page).toHaveURL(/\/loom/);
});
