/** The pictures in docs/screenshots: where each is taken, what it shows, and what it is made of. */
import type { Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { hashOf, root } from './prepare.mjs';

export interface Shot {
  name: string;
  path: string;
  /** The room of the interface that it shows. */
  room: string;
  bench?: 'light' | 'dark';
  act?: (page: Page) => Promise<void>;
}

const putRight = async (page: Page) => {
  await page.getByRole('button', { name: /^Build:/ }).click();
  await page.getByRole('menuitem', { name: 'Harbour tug, put right' }).click();
};

/** A day in the log, with a few readings. */
async function writeDown(page: Page, place: string, readings: [string, string][]): Promise<void> {
  await page.getByRole('button', { name: 'Write down a day' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Place').fill(place);
  await dialog.getByLabel('Ran, min').fill('32');
  for (const [what, value] of readings) {
    await dialog.getByLabel('What you read').click();
    await page.getByRole('option', { name: new RegExp(`^${what}`) }).click();
    await dialog.getByLabel(/^Reading, /).fill(value);
    await dialog.getByLabel(/^Reading, /).blur();
  }
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await dialog.waitFor({ state: 'detached' });
}

export const shots: readonly Shot[] = [
  { name: 'loom-day', room: 'loom', path: '/loom' },
  {
    name: 'put-right-preview',
    room: 'loom',
    path: '/loom?well=connection',
    act: async (page) => {
      await page.getByRole('button', { name: /both push onto/ }).click();
      await page.getByRole('button', { name: /^Feed the radio rail from its own BEC/ }).click();
    },
  },
  { name: 'loom-night', room: 'loom', path: '/loom', bench: 'dark', act: putRight },
  {
    name: 'radio',
    room: 'radio',
    path: '/loom?view=radio',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('button', { name: /^Channel Channel 5/ }).click();
      await page.keyboard.press('Escape');
    },
  },
  { name: 'brief', room: 'brief', path: '/brief' },
  { name: 'locker', room: 'locker', path: '/locker?kind=servo' },
  {
    name: 'half-known',
    room: 'findings',
    path: '/brief',
    act: async (page) => {
      await page.getByRole('button', { name: /^Build:/ }).click();
      await page.getByRole('menuitem', { name: 'New build…' }).click();
      const dialog = page.getByRole('dialog', { name: 'New build' });
      await dialog.getByLabel('Name of the model').fill('Dune buggy');
      await dialog.getByLabel('Kind of model').click();
      await page.getByRole('option', { name: 'car', exact: true }).click();
      await dialog.getByRole('button', { name: 'Create' }).click();
      await page.getByRole('button', { name: 'Add parts from their labels' }).click();
      await page
        .getByLabel('One part per line, as printed')
        .fill(
          '540 brushed 21T\n60A brushed ESC 2-3S BEC 6V 3A\n20kg servo 6-7.4V\n2S 5000mAh 50C 7.4V\n3ch receiver 4.8-8.4V\n3ch wheel radio',
        );
      await page.getByRole('button', { name: 'Add to this build' }).click();
      await page.getByRole('link', { name: 'Wire it for me' }).click();
      await page.getByRole('button', { name: /^Do these/ }).click();
      await page.getByRole('button', { name: /^Take ≈/ }).waitFor();
    },
  },
  {
    name: 'match',
    room: 'match',
    path: '/locker?show=match',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('columnheader', { name: /^Offer 1/ }).waitFor();
    },
  },
  {
    name: 'proposal',
    room: 'loom',
    path: '/brief',
    act: async (page) => {
      await page.getByRole('button', { name: /^Build:/ }).click();
      await page.getByRole('menuitem', { name: 'New build…' }).click();
      await page.getByLabel('Name of the model').fill('Skiff');
      await page.getByRole('button', { name: 'Create' }).click();
      const choose = async (label: string, option: RegExp) => {
        await page.getByRole('combobox', { name: label, exact: true }).click();
        await page.getByRole('option', { name: option }).click();
      };
      for (const name of ['Steering', 'Drive', 'Lights', 'Horn'])
        await page.getByRole('button', { name, exact: true }).click();
      await choose('Steering: part', /^micro servo \d/);
      await choose('Drive: part', /^brushed controller, 30 A, switching/);
      await choose('Lights: part', /^lamp board/);
      await choose('Horn: part', /^horn board/);
      await choose('Add: Transmitter', /^transmitter, 10/);
      await choose('Add: Receiver', /^receiver, 8/);
      await choose('Add: Pack', /^LiPo, 3 cells, 4000/);
      await choose('Add: Motor', /620/);
      await page.getByRole('link', { name: 'Wire it for me' }).click();
    },
  },
  { name: 'trial', room: 'trial', path: '/trial' },
  { name: 'trial-wiring', room: 'trial', path: '/trial?show=wiring' },
  {
    name: 'trial-choose',
    room: 'trial',
    path: '/trial?show=choose&outing=long',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('slider', { name: 'Screw' }).waitFor();
      await page.getByRole('progressbar').waitFor({ state: 'detached' });
    },
  },
  { name: 'berths', room: 'berths', path: '/berths' },
  {
    name: 'berths-night',
    room: 'berths',
    path: '/berths',
    bench: 'dark',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('button', { name: 'Place them for me' }).click();
      await page.getByText(/^Then:/).waitFor();
    },
  },
  { name: 'sheet', room: 'sheet', path: '/sheet', act: putRight },
  { name: 'fit-out', room: 'fitout', path: '/fit-out?step=plug:monitor-pan-lead--receiver-3', act: putRight },
  {
    name: 'fault-finder',
    room: 'fitout',
    path: '/fit-out?step=function:steering&find=fault',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('button', { name: 'It does nothing' }).first().click();
      await page.getByRole('heading', { name: /^Next, / }).waitFor();
    },
  },
  {
    name: 'rehearsal',
    room: 'rehearsal',
    path: '/fit-out?view=rehearse',
    act: async (page) => {
      await putRight(page);
      await page.getByLabel('Transmitter on').check();
      await page.getByLabel('Pack in').check();
      await page.getByText('port controller: armed').waitFor();
      await page.getByRole('slider', { name: 'Steering' }).focus();
      for (let n = 0; n < 12; n += 1) await page.keyboard.press('ArrowRight');
      await page.getByRole('listitem', { name: 'port rudder: still' }).waitFor();
    },
  },
  {
    name: 'log',
    room: 'log',
    path: '/log',
    act: async (page) => {
      await putRight(page);
      await writeDown(page, 'canal', [
        ['Top speed', '6.9'],
        ['Amps of the pack at full', '14.1'],
        ['Volts at the tow winch', '4.6'],
      ]);
      await writeDown(page, 'north basin', [
        ['Top speed', '6.4'],
        ['Amps of the pack at full', '15'],
        ['Volts at the tow winch', '4.1'],
      ]);
      await page.getByText(/^read 6.4 km/).waitFor();
    },
  },
];

/** Rooms that stand around every view. */
const around = ['shell', 'hull', 'findings', 'theme', 'help', 'drawing'];

/** What a picture is made of, as one figure: another figure later means that it is older than its view. */
export const madeOf = ({ room }: Shot): string =>
  hashOf([...around, room].map((text) => `src/app/${text}`)).slice(0, 16);

const folder = path.join(root, 'docs/screenshots');
export const picturePath = ({ name }: Pick<Shot, 'name'>): string => path.join(folder, `${name}.png`);

/** What each picture was made of when it was taken. */
export const recordPath = path.join(folder, 'made-of.json');
export const madeOfThen = (): Record<string, string> =>
  JSON.parse(readFileSync(recordPath, 'utf8')) as Record<string, string>;
