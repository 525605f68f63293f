import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';

/** Opens the application on its first start, with the tug as planned. */
export async function openTug(page: Page, path = '/loom'): Promise<void> {
  await page.goto(path);
  await expect(page.getByRole('button', { name: 'Build: Harbour tug, as planned' })).toBeVisible();
}

/** What axe minds of a page, and nothing of what it does not: that takes it as long again. */
export const lookedAt = (page: Page): AxeBuilder =>
  new AxeBuilder({ page }).options({ resultTypes: ['violations'] });

/** Goes to another screen as a link would, without loading the page anew. */
export async function goWithin(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState({}, '', to);
    dispatchEvent(new PopStateEvent('popstate', { state: {} }));
  }, path);
  await expect(page).toHaveURL(new RegExp(`${path.replaceAll(/[.?]/g, '\\$&')}`));
  await expect(page.locator('main[aria-busy=false]')).toBeVisible();
}

/** A well of the hull by its name. */
export const well = (page: Page, name: string) =>
  page.getByRole('group', { name: 'The five wells' }).getByRole('button', { name: new RegExp(`^${name}`) });

/** Opens the finding with this text and takes one of its offers. */
export async function putRight(page: Page, finding: RegExp, offer: RegExp): Promise<void> {
  const findings = page.getByRole('complementary', { name: 'Findings' });
  const title = findings.getByRole('button', { name: finding });
  const way = findings.getByRole('group', { name: 'Put right' }).getByRole('button', { name: offer });
  // Another finding may come first just now, and be the one that stands open, at any of these moments.
  const soon = { timeout: 3_000 };
  await expect(async () => {
    if ((await title.getAttribute('aria-expanded', soon)) === 'false') await title.click(soon);
    if ((await way.getAttribute('aria-expanded', soon)) === 'false') await way.click(soon);
    await findings.getByRole('button', { name: 'Do it' }).click(soon);
  }).toPass();
  await expect(title).toHaveCount(0);
}

/** Accepts the finding with this text, with a reason. */
export async function accept(page: Page, finding: RegExp, reason: string): Promise<void> {
  const title = page.getByRole('complementary', { name: 'Findings' }).getByRole('button', { name: finding });
  if ((await title.getAttribute('aria-expanded')) === 'false') await title.click();
  await page.getByRole('button', { name: 'Accept', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Why, if you like').fill(reason);
  await dialog.getByRole('button', { name: 'Accept' }).click();
  await expect(dialog).toHaveCount(0);
}

/** Begins a new build of a kind of model. */
export async function newBuild(page: Page, name: string, kind: string): Promise<void> {
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'New build…' }).click();
  const dialog = page.getByRole('dialog', { name: 'New build' });
  await dialog.getByLabel('Name of the model').fill(name);
  await dialog.getByLabel('Kind of model').click();
  await page.getByRole('option', { name: kind, exact: true }).click();
  await dialog.getByRole('button', { name: 'Create' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Brief/ })).toBeVisible();
}

/** Takes the first choice of a list that has these words. */
export async function choose(page: Page, label: string, option: RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: option }).first().click();
}

export const saved = (page: Page) => expect(page.getByRole('status').first()).toContainText(/^saved/);

/** Waits until this window has written what can be undone of the build saved last: that is done a moment after it is saved. */
export async function undoWritten(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const opening = indexedDB.open('dry-hull');
        const database = await new Promise<IDBDatabase>((resolve, reject) => {
          opening.onsuccess = () => resolve(opening.result);
          opening.onerror = () => reject(opening.error ?? new Error('not opened'));
        });
        const all = (store: string) =>
          new Promise<{ key: string; savedAt?: string; build: object }[]>((resolve) => {
            const asking = database.transaction(store).objectStore(store).getAll();
            asking.onsuccess = () => resolve(asking.result as { key: string; build: object }[]);
          });
        const [builds, kept] = await Promise.all([all('builds'), all('history')]);
        database.close();
        const last = builds.sort((a, b) => (a.savedAt ?? '').localeCompare(b.savedAt ?? '')).at(-1);
        const own = kept.find(({ key }) => key === `${last?.key} ${sessionStorage.getItem('window')}`);
        return own !== undefined && JSON.stringify(own.build) === JSON.stringify(last?.build);
      }),
    )
    .toBe(true);
}

/** Begins a sheet in the Locker of which nothing is filled in. */
export async function emptySheet(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Add a part' }).click();
  await page.getByRole('button', { name: 'Empty sheet' }).click();
  await expect(page).toHaveURL(/part=/);
}
