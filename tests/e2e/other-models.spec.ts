import { expect, test, type Page } from '@playwright/test';
import { choose, newBuild, openTug, well } from './tug';

const functions = ['Left track', 'Right track', 'Slew', 'Lift'];
const parts: [label: string, option: RegExp][] = [
  ...functions.map((text): [string, RegExp] => [`${text}: part`, /^brushed controller, 30 A, switching/]),
  ['Add: Transmitter', /^transmitter, 10/],
  ['Add: Receiver', /^receiver, 8 channels, skerry/],
  ['Add: Pack', /^LiPo, 2 cells, 5000/],
  ...Array.from({ length: 4 }, (): [string, RegExp] => ['Add: Motor', /brushed motor, 620/]),
];

/** Answers every gauge that is asked for under Not known. */
async function answerGauges(page: Page): Promise<void> {
  const rest = page.getByRole('button', { name: /^Show all/ });
  if (await rest.isVisible()) await rest.click();
  const open = page
    .getByRole('region', { name: 'Not known' })
    .getByRole('button', { name: /^Gauge of the lead/ });
  for (let left = await open.count(); left > 0; left -= 1) {
    await open.first().click();
    const dialog = page.getByRole('dialog', { name: /^Gauge of the lead/ });
    await dialog.getByRole('button', { name: 'Gauge…' }).click();
    await page.getByRole('menuitem', { name: 'AWG 12' }).click();
    await expect(dialog).toContainText('Answered.');
    await dialog.getByRole('button', { name: 'Done' }).click();
    await expect(open).toHaveCount(left - 1);
  }
}

/** Does one step after another, and writes down a reading in the middle of its band where one is asked for. */
async function fitOut(page: Page): Promise<void> {
  const count = page.getByText(/^\d+ of \d+ done/).filter({ visible: true });
  const [, total = '0'] = /of (\d+) done/.exec(await count.innerText()) ?? [];
  const done = page.getByRole('button', { name: 'Done, next step' });
  const reading = page.getByLabel(/^Reading, /);
  for (let n = 1; n <= Number(total); n += 1) {
    await expect(done.or(reading)).toBeVisible();
    if (await done.isVisible()) await done.click();
    else {
      const band = /should be ([\d.]+)\D+?([\d.]+)/.exec(
        await page.locator('article[aria-labelledby="step-title"]').innerText(),
      );
      await reading.fill(String((Number(band?.[1]) + Number(band?.[2])) / 2));
      await page.getByRole('button', { name: 'Write it down' }).click();
    }
    await expect(count).toContainText(`${n} of ${total} done`);
  }
  await expect(page.getByText(/Every step is done/)).toBeVisible();
}

test('an excavator from nothing, wired, answered, to the last step of Fit-out', async ({ page }) => {
  test.setTimeout(150_000);
  await openTug(page);
  await newBuild(page, 'Quarry excavator', 'tracked machine');
  for (const text of functions) await page.getByRole('button', { name: text, exact: true }).first().click();
  for (const [label, option] of parts) await choose(page, label, option);
  await page.getByRole('link', { name: 'Wire it for me' }).click();
  const dialog = page.getByRole('dialog', { name: 'Wire it for me' });
  await expect(dialog.getByText('Left for you')).toHaveCount(0);
  await page.getByRole('button', { name: /^Do these \d+ steps/ }).click();
  for (const name of ['Voltage', 'Current', 'Connection', 'Control'])
    await expect(well(page, name)).not.toContainText('stop');
  await answerGauges(page);
  for (const name of ['Current', 'Connection', 'Control'])
    await expect(well(page, name)).toContainText(/dry|damp/);
  await page
    .getByRole('link', { name: /Fit-out/ })
    .first()
    .click();
  await fitOut(page);
});
