import { expect, test, type Page } from '@playwright/test';
import { openTug, saved } from './tug';

/** Opens another demo at a step, and says that it does not do what it says. */
async function complain(page: Page, demo: string, step: string): Promise<void> {
  await openTug(page);
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: demo }).click();
  await expect(page.getByRole('button', { name: /^Build:/ })).not.toContainText('as planned');
  await page.getByRole('link', { name: '6 Fit-out' }).click();
  const list = page.getByRole('main');
  // What is to be done before power is done: the finder may then ask for power.
  for (;;) {
    await list.getByRole('button', { name: new RegExp(`^${step}`) }).click();
    const held = page.getByRole('note').getByRole('link');
    if ((await held.count()) === 0) break;
    const next = await held.innerText();
    await held.click();
    // The step before has a button of the same name until then.
    await expect(page.getByRole('heading', { name: next })).toBeVisible();
    const reading = page.getByLabel('Reading, V');
    const isDone = page.getByRole('button', { name: 'Done, next step' });
    await expect(isDone.or(reading)).toBeVisible();
    if ((await reading.count()) === 0) await isDone.click();
    else {
      const band = (await page.getByText(/: should be .* V to .* V/).innerText()).match(/[\d.]+(?= V)/g)!;
      await reading.fill(String((Number(band[0]) + Number(band[1])) / 2));
      await page.getByRole('button', { name: 'Write it down' }).click();
    }
  }
  await page.getByRole('button', { name: 'It doesn’t work' }).click();
}

/** A person at a model with something wrong: answers what is asked until it is found. @returns tests asked */
async function answer(page: Page, seen: (test: string) => string): Promise<number> {
  for (let n = 0; n < 12; n += 1) {
    if ((await page.getByRole('heading', { name: 'Found' }).count()) > 0) return n;
    const asked = page.getByRole('heading', { name: /^Next, / }).locator('..');
    const words = await asked.innerText();
    const what = seen(words);
    const volts = page.getByLabel('Reading, V');
    if ((await volts.count()) > 0) {
      await volts.fill(what);
      await page.getByRole('button', { name: 'Write it down' }).click();
    } else await page.getByRole('button', { name: what, exact: true }).click();
    // The next question, or what was found.
    await expect
      .poll(async () => (await asked.count()) === 0 || (await asked.innerText()) !== words)
      .toBe(true);
  }
  throw new Error('not found in twelve tests');
}

test('a plug that is turned: seen as a rudder that stands still, found, its steps done again', async ({
  page,
}) => {
  await complain(page, 'Salt-flat yacht', 'Steering: try it by itself');
  await page.getByRole('button', { name: 'It does nothing' }).click();
  const asked = await answer(page, (words) =>
    words.includes('Look at the plug of the steering servo')
      ? 'It is the wrong way round'
      : words.includes('Look at')
        ? 'It is as it should be'
        : words.includes('lamp')
          ? 'Steady: it hears its transmitter'
          : words.includes('Meter between')
            ? '5.1'
            : 'It does what is planned',
  );
  expect(asked).toBeLessThanOrEqual(6);
  await expect(page.getByText(/is in the wrong way round \(\d+ %\)/)).toBeVisible();
  await expect(page.getByText(/turn the plug of the steering servo/)).toBeVisible();
  await page.getByRole('button', { name: 'Put right: go on with these steps' }).click();
  await expect(page.getByRole('heading', { name: 'Steering: try it by itself' })).toBeVisible();
});

test('a channel that is reversed, after an answer was taken back', async ({ page }) => {
  await complain(page, 'Survey catamaran', 'Steering: try it by itself');
  await page.getByRole('button', { name: 'It does nothing' }).click();
  await expect(page.getByRole('heading', { name: /^Next, / })).toBeVisible();
  // The next evening: what was seen is still there.
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Take the last one back' }).click();
  await page.getByRole('button', { name: 'It goes the wrong way' }).click();
  await answer(page, (words) =>
    words.includes('menu, look at channel') ? 'Its direction is the other one' : 'It is as it should be',
  );
  await expect(page.getByText(/^Channel \d is reversed in the transmitter \(/)).toBeVisible();
  await page.getByRole('button', { name: 'It was not that' }).click();
  await expect(page.getByText(/^Channel \d is reversed in the transmitter/)).toHaveCount(0);
});

test('what is wrong with a model of which no step was ticked is looked for from what is seen', async ({
  page,
}) => {
  await openTug(page);
  await page.getByRole('link', { name: /^Something is wrong/ }).click();
  await page.getByRole('button', { name: 'It is weak, jerks or drops out' }).click();
  await page.getByRole('group', { name: 'Which part' }).getByRole('button', { name: 'Tow winch' }).click();
  await expect(page.getByRole('heading', { name: /^Next, / })).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'What do you see?' })).toHaveCount(0);
});
