import { expect, test, type Page } from '@playwright/test';
import { openTug, saved, undoWritten } from './tug';

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

test('a duplicated window goes on from the same way back, and keeps one of its own from there', async ({
  page,
  context,
}) => {
  const type = async (on: Page, label: string, value: string) => {
    await on.getByLabel(label).fill(value);
    await on.getByLabel(label).blur();
    await saved(on);
    await undoWritten(on);
  };
  const undo = (on: Page) => on.getByRole('button', { name: 'Undo', exact: true });
  await openTug(page, '/brief');
  await type(page, 'Mass, kg', '5');
  const name = await page.evaluate(() => sessionStorage.getItem('window')!);
  const twin = await context.newPage();
  // A browser copies this into a window that is duplicated.
  await twin.addInitScript((copied) => {
    if (sessionStorage.getItem('window') === null) sessionStorage.setItem('window', copied);
  }, name);
  await twin.goto('/brief');
  await expect(undo(twin)).toBeEnabled();
  await type(twin, 'Top, km/h', '2');
  expect(await twin.evaluate(() => sessionStorage.getItem('window'))).not.toBe(name);

  await page.reload();
  await expect(undo(page)).toBeEnabled();
  await undo(page).click();
  await expect(page.getByLabel('Mass, kg')).toHaveValue('6');
  await expect(page.getByLabel('Top, km/h')).toHaveValue('2');
});
