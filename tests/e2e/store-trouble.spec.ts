import { expect, test, type Page } from '@playwright/test';
import { openTug, saved } from './tug';

const mass = (page: Page) => page.getByLabel('Mass, kg');
const change = async (page: Page, value: string) => {
  await mass(page).fill(value);
  await mass(page).blur();
};

/** Makes the store of a page fail whatever is written into it, until it is let go. */
const failWrites = (page: Page, name: string) =>
  page.evaluate((error) => {
    const put = Reflect.get(IDBObjectStore.prototype, 'put') as (
      ...args: unknown[]
    ) => IDBRequest<IDBValidKey>;
    IDBObjectStore.prototype.put = function (...args: unknown[]) {
      if (!('isBack' in globalThis)) throw new DOMException('not now', error);
      return Reflect.apply(put, this, args);
    };
  }, name);
const letWrite = (page: Page) => page.evaluate(() => void Object.assign(globalThis, { isBack: true }));

test('a browser without room says so, keeps the work, and saves it once there is room', async ({ page }) => {
  await openTug(page, '/brief');
  await saved(page);
  await failWrites(page, 'QuotaExceededError');
  await change(page, '5');
  await expect(page.getByRole('alert')).toContainText('this browser has no room left for it');
  await expect(page.getByRole('button', { name: 'Save this build as a file' })).toBeVisible();
  await change(page, '4.5');
  await letWrite(page);
  await saved(page);
  await page.reload();
  await expect(mass(page)).toHaveValue('4.5');
});

test('a window with an older version that holds on to the store is named, and waited for', async ({
  page,
  context,
}) => {
  const older = await context.newPage();
  await older.goto('/licences.txt');
  await older.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const request = indexedDB.open('dry-hull', 10);
        request.onupgradeneeded = () => {
          const store = request.result.createObjectStore('builds', { keyPath: 'key' });
          store.createIndex('savedAt', 'savedAt');
          request.result.createObjectStore('locker', { keyPath: 'id' });
          request.result.createObjectStore('settings', { keyPath: 'name' });
        };
        request.onsuccess = () => {
          Object.assign(globalThis, { held: request.result });
          resolve();
        };
        request.onerror = () => reject(request.error ?? new Error('not opened'));
      }),
  );
  await page.goto('/brief');
  await expect(page.getByRole('alert')).toContainText('Close the other windows');
  await older.close();
  await expect(page.getByRole('button', { name: 'Build: Harbour tug, as planned' })).toBeVisible();
  await change(page, '5');
  await saved(page);
});

test('a browser that lets pages store nothing still works, and says that nothing is kept', async ({
  page,
}) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException('not here', 'SecurityError');
    };
  });
  await openTug(page, '/brief');
  await expect(page.getByRole('alert')).toContainText('set to let pages store nothing');
  await change(page, '5');
  await expect(mass(page)).toHaveValue('5');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save this build as a file' }).click();
  expect((await download).suggestedFilename()).toContain('.dryhull.json');
});

test('two windows that change one field are both told what was kept', async ({ page, context }) => {
  await openTug(page, '/brief');
  await saved(page);
  const other = await context.newPage();
  await other.goto('/brief');
  await expect(mass(other)).toHaveValue('6');
  // Both change it before either hears of the other: the disk of each takes nothing for a while.
  for (const window of [page, other]) await failWrites(window, 'UnknownError');
  await change(page, '5');
  await change(other, '4');
  for (const window of [page, other]) await letWrite(window);
  const told = (window: Page) => window.getByRole('dialog', { name: 'Changed in two windows at once' });
  await expect(told(page)).toContainText('mass');
  await expect(told(other)).toContainText('mass');
  await told(page).getByRole('button').click();
  await told(other).getByRole('button').click();
  const kept = await mass(page).inputValue();
  expect(['4', '5']).toContain(kept);
  await expect(mass(other)).toHaveValue(kept);
});
