import { readFileSync } from 'node:fs';
import { expect, test, type Locator, type Page } from '@playwright/test';
import { openTug, well } from './tug';

interface End {
  fitting: string;
  port: string;
}
interface Tractor {
  build: {
    name: string;
    leads: { from: End; to: End }[];
    ticks: unknown[];
  };
}

const file = JSON.parse(readFileSync('demo/field-tractor.dryhull.json', 'utf8')) as Tractor;
const { leads } = file.build;
/** All its parts, none of them plugged in. */
const bare = JSON.stringify({
  ...file,
  build: { ...file.build, id: 'bare-tractor', name: 'Bare tractor', leads: [], ticks: [] },
});

async function openBare(page: Page): Promise<void> {
  await openTug(page);
  await page
    .getByLabel('Build file to import')
    .setInputFiles({ name: 'bare.dryhull.json', mimeType: 'application/json', buffer: Buffer.from(bare) });
  await expect(page.getByRole('button', { name: 'Build: Bare tractor' })).toBeVisible();
  await expect(page.locator('[data-node="board"]')).toBeVisible();
}

const spot = (page: Page, { fitting, port }: End): Locator =>
  page.locator(`[data-join='${JSON.stringify([fitting, port])}']`);

async function isDry(page: Page): Promise<void> {
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText('dry');
  await expect(page.getByRole('region', { name: 'Not known' })).toHaveCount(0);
}

test('the tractor is wired from bare parts by keys alone', async ({ page }) => {
  await openBare(page);
  for (const { from, to } of leads) {
    await spot(page, from).focus();
    await page.keyboard.press('Enter');
    await expect(spot(page, to)).toHaveAttribute('data-role', 'fits');
    await spot(page, to).focus();
    await page.keyboard.press('Enter');
    await expect(spot(page, to)).toHaveAttribute('data-role', 'used');
  }
  await isDry(page);
});

test.describe('with a finger', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } });

  test('the tractor is wired from bare parts by taps, and a plug dragged', async ({ page }) => {
    await openBare(page);
    for (const { from, to } of leads) {
      await spot(page, from).tap();
      await spot(page, to).tap();
      await expect(spot(page, to)).toHaveAttribute('data-role', 'used');
    }
    await isDry(page);
    // The plug of the beacons over to the port of the hitch, whose is taken: a Y-lead is offered.
    const [from, to] = [leads.at(-1)!.to, leads.at(-2)!.to];
    await touchDrag(page, spot(page, from), spot(page, to));
    await expect(page.getByRole('dialog', { name: 'They do not go together as they are' })).toBeVisible();
  });
});

async function touchDrag(page: Page, from: Locator, to: Locator): Promise<void> {
  const middle = async (of: Locator) => {
    const { x, y, width, height } = (await of.boundingBox())!;
    return { x: x + width / 2, y: y + height / 2 };
  };
  const [a, b] = [await middle(from), await middle(to)];
  const session = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: { x: number; y: number }[]) =>
    session.send('Input.dispatchTouchEvent', { type, touchPoints: points });
  await touch('touchStart', [a]);
  for (const share of [0.3, 0.7, 1])
    await touch('touchMove', [{ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }]);
  await touch('touchEnd', []);
}
