import { expect, test, type Page } from '@playwright/test';
import { newBuild, saved, well } from './tug';

test('a car typed from its labels is wired, answered and taken on an outing', async ({ page }) => {
  await page.goto('/');
  await newBuild(page, 'Buggy', 'car');
  await page.getByRole('button', { name: 'Add parts from their labels' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add parts from their labels' });
  await dialog
    .getByLabel('One part per line, as printed')
    .fill(
      '540 brushed 21T\n60A brushed ESC 2-3S BEC 6V 3A\n15kg servo 4.8-7.4V wobbly\n2S 5000mAh 50C 7.4V\nthing\n3ch receiver 4.8-8.4V\n3ch wheel radio',
    );
  const read = dialog.getByRole('list', { name: 'What was read' });
  await expect(read).toContainText('stall torque 15.0 kg·cm at 7.4 V');
  await expect(read).toContainText('KV ≈ 2860 rpm/V (2140–3570)');
  await expect(read).toContainText('Not understood: wobbly');
  await expect(read).toContainText('what kind of part “thing” is cannot be told');
  // A person says what it is.
  await dialog.getByRole('combobox', { name: 'Kind of thing' }).selectOption('lead or adapter');
  await expect(read).not.toContainText('cannot be told');
  await dialog.getByRole('button', { name: 'Add to this build' }).click();
  await expect(page.getByText('Added to Buggy: 7 parts')).toBeVisible();

  await page.getByRole('link', { name: 'Wire it for me' }).click();
  await page.getByRole('button', { name: /^Do these/ }).click();
  for (const name of ['Voltage', 'Current'])
    await expect(well(page, name)).not.toContainText('facts missing');
  await page.getByRole('button', { name: 'The links that the transmitter and the receiver speak' }).click();
  await page.getByRole('button', { name: /came as a set/ }).click();
  await expect(page.getByRole('dialog')).toContainText('Answered.');
  await page.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: /^Which plugs/ }).click();
  await page.getByRole('button', { name: 'They plug together as they are' }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(well(page, 'Connection')).toContainText('dry');

  // The one figure that an open verdict hangs on is told where it stands.
  await expect(well(page, 'Current')).toContainText('open');
  const stall = page.getByRole('textbox', { name: 'Stall current of the steering servo, A' });
  await stall.fill('a lot');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(page.getByText('No figure at its start')).toBeVisible();
  await stall.fill('2,1 A');
  await page.getByRole('button', { name: 'Set it' }).click();
  await expect(well(page, 'Current')).toContainText('dry');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /links that the/ })).toHaveCount(0);
});

/** A photograph of a label, drawn: turned by degrees, as dark as wanted, its print as high as wanted. */
async function photoOf(
  page: Page,
  print: readonly string[],
  { degrees = 0, light = 1, height = 60 }: { degrees?: number; light?: number; height?: number },
): Promise<Buffer> {
  const url = await page.evaluate(
    ([lines, turn, share, high]) => {
      const canvas = document.createElement('canvas');
      canvas.width = canvas.height = 16 * high;
      const pen = canvas.getContext('2d')!;
      const grey = (bright: number) => `rgb(${bright * share}, ${bright * share}, ${bright * share})`;
      pen.fillStyle = grey(120);
      pen.fillRect(0, 0, canvas.width, canvas.height);
      pen.translate(canvas.width / 2, canvas.height / 2);
      pen.rotate((turn * Math.PI) / 180);
      pen.fillStyle = grey(235);
      pen.fillRect(-6 * high, -3.4 * high, 12 * high, 6.8 * high);
      pen.fillStyle = grey(30);
      pen.font = `600 ${high}px sans-serif`;
      pen.textAlign = 'center';
      lines.forEach((line, n) => pen.fillText(line, 0, (1.5 * n - 1.1) * high));
      return canvas.toDataURL('image/png');
    },
    [print, degrees, light, height] as const,
  );
  return Buffer.from(url.split(',')[1]!, 'base64');
}

test('a photographed label is read on the device, and counts once its figures are seen in it', async ({
  page,
}) => {
  const asked: string[] = [];
  await page.goto('/');
  await newBuild(page, 'Buggy', 'car');
  page.on('request', (request) => asked.push(request.url()));
  await page.getByRole('button', { name: 'Add parts from their labels' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add parts from their labels' });
  const photo = dialog.getByLabel('Photo of a label');
  const give = (name: string, buffer: Buffer) => photo.setInputFiles({ name, mimeType: 'image/png', buffer });
  await expect(photo).toBeAttached();
  expect(asked.filter((url) => url.includes('/ocr/'))).toEqual([]);

  await give('no-picture.png', Buffer.from('no picture'));
  await expect(dialog.getByRole('alert')).toContainText('no picture that can be read');
  const read = dialog.getByRole('list', { name: 'What was read' });
  const looks: [string[], Parameters<typeof photoOf>[2], string][] = [
    [['BRUSHED ESC', '60A 2-3S', 'BEC 6V 3A'], {}, 'continuous current 60 A'],
    [['LiPo 7.4V 2S', '5000mAh 50C'], { degrees: 90, light: 0.35 }, 'capacity 5000 mAh'],
    [['BRUSHED MOTOR', '540 21T'], { degrees: -6, height: 14 }, 'turns 21'],
  ];
  for (const [n, [print, look, figure]] of looks.entries()) {
    await give('label.png', await photoOf(page, print, look));
    await expect(read.getByRole('img'), print.join()).toHaveCount(n + 1, { timeout: 40_000 });
    await expect.soft(read, print.join()).toContainText(figure);
  }
  const origin = new URL(page.url()).origin;
  expect(asked.filter((url) => !url.startsWith(origin) && !/^(blob|data):/.test(url))).toEqual([]);

  // Nothing counts that nobody has looked at.
  const add = dialog.getByRole('button', { name: 'Add to this build' });
  await expect(add).toBeDisabled();
  const figures = read.getByRole('checkbox');
  for (let n = 0; n < (await figures.count()); n += 1) await figures.nth(n).check();
  await expect(add).toBeEnabled();
});
