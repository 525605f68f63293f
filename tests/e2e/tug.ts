import { expect, type Page } from '@playwright/test';

/** Opens the application on its first start, with the tug as planned. */
export async function openTug(page: Page, path = '/loom'): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('button', { name: 'Build: Harbour tug, as planned' })).toBeVisible();
}

/** A well of the hull by its name. */
export const well = (page: Page, name: string) =>
  page.getByRole('group', { name: 'The five wells' }).getByRole('button', { name: new RegExp(`^${name}`) });

/** Opens the finding with this text and takes one of its offers. */
export async function putRight(page: Page, finding: RegExp, offer: RegExp): Promise<void> {
  const findings = page.getByRole('complementary', { name: 'Findings' });
  const title = findings.getByRole('button', { name: finding });
  if ((await title.getAttribute('aria-expanded')) === 'false') await title.click();
  await findings.getByRole('group', { name: 'Put right' }).getByRole('button', { name: offer }).click();
  await findings.getByRole('button', { name: 'Do it' }).click();
  await expect(title).toHaveCount(0);
}

export const saved = (page: Page) => expect(page.getByRole('status').first()).toContainText(/^saved/);
