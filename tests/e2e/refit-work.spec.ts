import { expect, test } from '@playwright/test';
import { choose, openTug, saved } from './tug';

test('a tractor as found, and as planned: what comes out, goes in, and the few steps that it calls for', async ({
  page,
}) => {
  await openTug(page);
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Field tractor' }).click();
  await expect(page.getByRole('button', { name: /^Build: Field tractor/ })).toBeVisible();
  await page.keyboard.press('1');
  await choose(page, 'Gear shift: part', /^standard servo/);
  await saved(page);
  await page.getByRole('link', { name: '6 Fit-out' }).click();
  await page.getByRole('button', { name: 'Refit', exact: true }).click();
  await page.getByRole('combobox', { name: 'As it was found' }).click();
  await page.getByRole('option', { name: 'before the last change' }).click();
  await expect(page.getByRole('region', { name: 'In, in this order' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'In, in this order' })).toContainText(
    /gear shift servo: standard servo.* in the place of/,
  );
  const side = page.getByRole('complementary', { name: 'What it comes to' });
  await expect(side).toContainText('Centre the gear shift servo');
  await expect(side).toContainText(/As they were: pack, main fuse and \d more/);
  await expect(side).toContainText(/Left over: Gear shift servo, /);
  await side.getByRole('button', { name: 'Keep it in my locker' }).click();
  await expect(side.getByRole('button', { name: 'Keep it in my locker' })).toHaveCount(0);
  await expect(side).not.toContainText('Centre the steering servo');
  await expect(side).toContainText(/All its parts are worth [\d.]+ → [\d.]+/);
  const lowest = side.getByRole('row', { name: /^lowest at the receiver ≈ \d\.\d\d V ≈ \d\.\d\d V$/ });
  await expect(lowest).toBeVisible();
  await side.getByRole('button', { name: /as found$/ }).click();
  await expect(side.getByRole('button', { name: /as found$/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Back to the steps' }).click();
  await expect(
    page.getByRole('button', { name: 'Centre the steering servo, then fit its horn done' }),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^Centre the gear shift servo.* done/ })).toHaveCount(0);
});

test('what is in a model is tapped in, plug by plug, and planned on in a copy', async ({ page }) => {
  await openTug(page, '/fit-out?view=refit');
  await page.getByRole('button', { name: 'Write down what is in it' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'As found' })).toBeVisible();
  const seen = page.getByRole('group', { name: 'What do you see?' });
  for (const kind of ['Receiver', 'Controller', 'Servo', 'Servo', 'Pack'])
    await seen.getByRole('button', { name: new RegExp(`^${kind}`) }).click();
  await choose(page, 'Which one the receiver is', /8 channels/);
  await choose(page, 'Part in: receiver, port 1', /^servo 2, /);
  await choose(page, 'Part in: receiver, port 3', /^controller, /);
  await page.getByRole('button', { name: 'Red in' }).last().click();
  await expect(page.getByRole('button', { name: 'Red lifted' })).toBeVisible();
  await page.getByRole('button', { name: 'Note: the plug of the servo 2' }).click();
  const note = page.getByLabel('How it lies, what holds it, what is worn');
  await note.fill('Brown to the edge, the lug is trimmed.');
  await note.blur();
  await expect(page.getByRole('button', { name: /^Note kept: / })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Make the plan in a copy' }).click();
  await expect(page.getByRole('button', { name: 'Build: Harbour tug, planned' })).toBeVisible();
  await page.goto('/fit-out?view=refit');
  await choose(page, 'As it was found', /^Harbour tug, as found$/);
  await expect(page.getByText('The two are the same: nothing comes out, nothing goes in.')).toBeVisible();
  // A servo that goes out is pulled by what was noted on its plug.
  await page.goto('/fit-out?view=found');
  await page.getByRole('button', { name: 'Remove the servo 2' }).click();
  await saved(page);
  await page.goto('/fit-out?view=refit');
  await choose(page, 'As it was found', /^Harbour tug, as found$/);
  await expect(page.getByRole('region', { name: 'Out, in this order' })).toContainText(
    'Brown to the edge, the lug is trimmed.',
  );
});
