import { expect, test } from '@playwright/test';
import { openTug, saved } from './tug';

test('two windows on one build: what one changes is in the other at once, and an undo takes back one’s own alone', async ({
  page,
  context,
}) => {
  await openTug(page, '/brief');
  await saved(page);
  const other = await context.newPage();
  await other.goto('/brief');
  await expect(other.getByRole('button', { name: 'Build: Harbour tug, as planned' })).toBeVisible();

  await page.getByLabel('Mass, kg').fill('5');
  await page.getByLabel('Mass, kg').blur();
  await expect(other.getByLabel('Mass, kg')).toHaveValue('5');
  await other.getByLabel('Top, km/h').fill('2');
  await other.getByLabel('Top, km/h').blur();
  await expect(page.getByLabel('Top, km/h')).toHaveValue('2');

  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(other.getByLabel('Mass, kg')).toHaveValue('6');
  await expect(page.getByLabel('Top, km/h')).toHaveValue('2');
  await saved(page);
  await saved(other);
  await other.reload();
  await expect(other.getByLabel('Top, km/h')).toHaveValue('2');
  await expect(other.getByLabel('Mass, kg')).toHaveValue('6');
});

test('a build deleted in another window is told of, not revived by the next change', async ({
  page,
  context,
}) => {
  await openTug(page, '/brief');
  await saved(page);
  const other = await context.newPage();
  await other.goto('/builds');
  await other.getByRole('button', { name: 'Delete Harbour tug, as planned' }).click();
  await expect(page.getByText('deleted in another window')).toBeVisible();
  await page.getByLabel('Mass, kg').fill('5');
  await page.getByLabel('Mass, kg').blur();
  await expect(page.getByText('deleted in another window')).toBeVisible();
  await page.getByRole('button', { name: 'Store it again' }).click();
  await saved(page);
  await page.reload();
});
