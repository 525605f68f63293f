import { expect, test, type Locator, type Page } from '@playwright/test';
import { openTug, well } from './tug';

/** How something is pressed: by a finger, or with the keyboard alone. Every other test has a mouse. */
type Press = (what: Locator) => Promise<void>;

const tap: Press = (what) => what.tap();
const byKeys: Press = async (what) => {
  await what.focus();
  await expect(what).toBeFocused();
  await what.page().keyboard.press('Enter');
};

const hands: { name: string; viewport: { width: number; height: number }; isTouch: boolean; press: Press }[] =
  [
    { name: 'on a phone', viewport: { width: 390, height: 844 }, isTouch: true, press: tap },
    { name: 'by keys alone', viewport: { width: 1280, height: 800 }, isTouch: false, press: byKeys },
  ];

const station = (page: Page, name: string) => page.getByRole('link', { name, exact: true });
const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

async function openBuild(page: Page, press: Press, name: RegExp): Promise<void> {
  await press(button(page, /^Build:/));
  await press(page.getByRole('menuitem', { name }));
  await expect(button(page, /^Build:/)).not.toContainText('as planned');
}

/** Never held a soldering iron: follows the hull to a fault, puts it right, and is led to the bench. */
async function firstTimer(page: Page, press: Press): Promise<void> {
  await press(well(page, 'Control'));
  const findings = page.getByRole('complementary', { name: 'Findings' });
  await expect(findings.getByRole('heading', { name: 'In the Control well' })).toBeVisible();
  const fault = findings.getByRole('button', { name: /^The transmitter is set to holm link/ });
  if ((await fault.getAttribute('aria-expanded')) === 'false') await press(fault);
  await press(findings.getByRole('button', { name: /^Set the transmitter to skerry link/ }));
  await press(findings.getByRole('button', { name: 'Do it' }));
  await expect(fault).toHaveCount(0);
  await press(station(page, '6 Fit-out'));
  await press(button(page, 'Done, next step'));
  await expect(button(page, 'Done, next step')).toBeVisible();
  await press(page.getByRole('button', { name: 'Help', exact: true }));
  const help = page.getByRole('dialog');
  await expect(help).toContainText('Fit-out');
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);
}

/** Has a model that runs, and wants it stronger: another part, what that changes, and the work it makes. */
async function upgrader(page: Page, press: Press): Promise<void> {
  await openBuild(page, press, /^Field tractor/);
  await press(station(page, '2 Locker'));
  await press(button(page, /^Servos/));
  await press(button(page, /^crawler servo, 25 kg·cm/).first());
  await expect(page.getByText('Would it do in this build?')).toBeVisible();
  const steering = page.getByRole('menuitem', { name: /^steering/ });
  // What it would do in the build comes in beside it, and may take the place of the button that was just pressed.
  await expect(async () => {
    if ((await steering.count()) === 0) await press(button(page, 'Swap in for…'));
    await expect(steering).toBeVisible({ timeout: 3_000 });
  }).toPass();
  await press(steering);
  await expect(page.getByText(/^In the place of the steering servo/)).toBeVisible();
  await press(station(page, '6 Fit-out'));
  // On a phone the step has the whole screen, and the rest is one tap behind it.
  if (page.viewportSize()!.width < 500) await press(page.getByRole('button', { name: 'All steps' }));
  await press(page.getByRole('button', { name: 'Refit', exact: true }));
  await press(page.getByRole('combobox', { name: 'As it was found' }));
  await press(page.getByRole('option', { name: 'before the last change' }));
  const comes = page.getByRole('complementary', { name: 'What it comes to' });
  await expect(comes).toContainText('Centre the steering servo');
  await expect(comes).not.toContainText('Centre the lift servo');
}

/** Builds large things from plans: an outing, the places, every channel, and the whole of it alive. */
async function builder(page: Page, press: Press): Promise<void> {
  await openBuild(page, press, /^Quarry excavator/);
  await press(station(page, '5 Trial'));
  await expect(page.getByText('lowest at the receiver')).toBeVisible();
  await press(station(page, '4 Berths'));
  await expect(page.getByRole('region', { name: 'Balance' })).toBeVisible();
  await press(station(page, '3 Loom'));
  await press(page.getByRole('button', { name: 'Radio', exact: true }));
  await expect(page.getByRole('group', { name: 'Radio, from the control to the part' })).toBeVisible();
  await press(station(page, '6 Fit-out'));
  await press(button(page, 'Rehearse it'));
  for (const name of ['Transmitter on', 'Pack in']) {
    const box = page.getByLabel(name);
    await (press === byKeys ? box.press(' ') : press(box));
    await expect(box).toBeChecked();
  }
  await expect(page.getByText(/: armed$/).first()).toBeVisible();
}

const people = {
  'a first-timer with the tug': firstTimer,
  'an upgrader with the tractor': upgrader,
  'a builder with an excavator': builder,
};

for (const { name, viewport, isTouch, press } of hands)
  test.describe(name, () => {
    test.use({ viewport, hasTouch: isTouch, isMobile: viewport.width < 500, reducedMotion: 'reduce' });
    for (const [person, walk] of Object.entries(people))
      test(`${person} meets no dead end`, async ({ page }) => {
        await openTug(page);
        await walk(page, press);
        const overhang = await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        );
        expect(overhang).toBeLessThanOrEqual(0);
      });
  });
