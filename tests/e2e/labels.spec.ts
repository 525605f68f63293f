import { expect, test } from '@playwright/test';
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
