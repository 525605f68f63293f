import { expect, test } from '@playwright/test';
import { openTug } from './tug';

/** Pages of a PDF, by its page objects. */
const pages = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length ?? 0;

test('the wiring sheet is printed on A4 and on Letter, over several pages, nothing cut off', async ({
  page,
}) => {
  await openTug(page, '/sheet');
  await expect(page.getByRole('img', { name: /^Wiring picture/ })).toBeVisible();
  for (const heading of [
    'Leads',
    'Radio',
    'Channels',
    'Controllers',
    'To solder',
    'To buy',
    'Labels for the leads',
  ])
    await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  // What is to be pressed is not printed, nor what stands around the sheet.
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  for (const format of ['A4', 'Letter']) {
    const pdf = await page.pdf({ format });
    expect(pages(pdf)).toBeGreaterThan(2);
    expect(pages(pdf)).toBeLessThan(12);
  }
  // Tables keep within the paper: 190 mm between the margins.
  await page.setViewportSize({ width: 718, height: 1000 });
  const overflow = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(overflow).toBeLessThanOrEqual(0);
});

test('the wiring picture is saved as a file that opens anywhere', async ({ page }) => {
  await openTug(page, '/loom');
  await expect(page.locator('[data-node="receiver"]')).toBeVisible();
  const save = async (form: RegExp) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: /^Save picture/ }).click();
    await page.getByRole('menuitem', { name: form }).click();
    const chunks: Buffer[] = [];
    for await (const chunk of await (await download).createReadStream()) chunks.push(chunk as Buffer);
    return Buffer.concat(chunks);
  };
  const svg = (await save(/^SVG/)).toString('utf8');
  expect(svg).toMatch(/^<svg[^>]*xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(svg).not.toMatch(/<script|<foreignObject|href=|class=|style=|var\(/);
  expect(svg).toContain('Monitor pan servo');
  const png = await save(/^PNG/);
  expect(png.subarray(1, 4).toString()).toBe('PNG');
});
