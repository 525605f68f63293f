import { expect, test, type Page } from '@playwright/test';
import { goWithin, lookedAt, openTug } from './tug';

const press = (name: string | RegExp) => (page: Page) => page.getByRole('button', { name }).first().click();

/** What lies over a screen, by where it is opened and how. */
const overlays: Record<string, [path: string, open: (page: Page) => Promise<void>]> = {
  'list of builds': ['/loom', press(/^Build:/)],
  'new build': ['/builds?new=1', () => Promise.resolve()],
  commands: ['/loom', press('Commands and shortcuts')],
  help: ['/loom', press('Help')],
  settings: ['/loom', press('Settings')],
  'wiring proposed': ['/loom?propose=1', () => Promise.resolve()],
  'accept a finding': ['/loom?well=control', press('Accept with a reason')],
  'a day in the log': ['/log', press('Write down a day')],
  'places proposed': ['/berths', press('Place them for me')],
  'doing it anyway': ['/fit-out?step=transmitter-on', press('Do it anyway')],
  'menu of a function': ['/brief', press('More for Steering')],
  'forms of a picture': ['/loom', press(/^Save picture/)],
};

test('every dialog and menu: axe minds nothing, the keyboard stays inside, Escape closes it and gives the focus back', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openTug(page);
  for (const [name, [path, open]] of Object.entries(overlays)) {
    await goWithin(page, path);
    await open(page);
    const over = page.getByRole('dialog').or(page.getByRole('menu')).first();
    await expect(over, name).toBeVisible();
    // The page under it is looked at elsewhere; what lies over it is in none of its landmarks.
    const { violations } = await lookedAt(page).include('.MuiModal-root').disableRules(['region']).analyze();
    expect
      .soft(
        violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join('; ')}`),
        name,
      )
      .toEqual([]);
    for (let n = 0; n < 3; n += 1) await page.keyboard.press('Tab');
    const isInside = await page.evaluate(
      () => document.activeElement?.closest('[role=dialog], [role=menu], .MuiModal-root') !== null,
    );
    // A menu closes on Tab.
    if (await over.isVisible()) {
      expect.soft(isInside, name).toBe(true);
      await page.keyboard.press('Escape');
      if (await over.isVisible()) await page.keyboard.press('Escape');
    }
    await expect.soft(over, name).toHaveCount(0);
  }
});
