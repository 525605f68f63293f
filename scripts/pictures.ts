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
  { name: 'loom-table', room: 'loom', path: '/loom?view=table' },
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
    name: 'locker-compared',
    room: 'locker',
    path: '/locker?kind=servo&show=compare&with=servo-micro-60,servo-standard,servo-strong',
  },
  {
    name: 'locker-board',
    room: 'locker',
    path: '/locker?kind=board&part=board-lights-2',
    act: async (page) => {
      await page.getByRole('button', { name: 'Copy and edit' }).click();
      await page.getByRole('button', { name: 'Add a switched output' }).waitFor();
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
      await page.getByRole('button', { name: 'Begin' }).click();
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
    name: 'trial-compared',
    room: 'trial',
    path: '/trial',
    act: async (page) => {
      await putRight(page);
      await page.getByRole('combobox', { name: 'Compare with' }).click();
      await page.getByRole('option', { name: 'Harbour tug, as planned' }).click();
    },
  },
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
