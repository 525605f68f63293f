/**
 * Kills a browser in the midst of edits, again and again, and looks whether the last edit that said "saved" is there:
 * `npm run kills -- 100`, how many times. Needs the built application. Ends at the first edit that is lost.
 */
import type { Page } from '@playwright/test';
import { once } from 'node:events';
import { mkdtempSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createServer } from '../server/create-server';
import { isRemoved, startBrowser } from '../tests/kit/killable-browser';

const [times = 100] = process.argv.slice(2).map(Number);
/** Milliseconds after the first edit within which a browser is killed. */
const within = 2500;

const server = createServer(path.resolve('dist/app')).listen(0, '127.0.0.1');
await once(server, 'listening');
const address = `http://127.0.0.1:${(server.address() as AddressInfo).port}/brief`;
const profile = mkdtempSync(path.join(tmpdir(), 'dry-hull-kill-'));
const mass = (page: Page) => page.getByLabel('Mass, kg');

/** Types one mass after another until the browser is gone. @returns the last that said "saved", and the last typed */
async function editUntilKilled(page: Page, first: number): Promise<{ saved: number; typed: number }> {
  let saved = first;
  let typed = first;
  try {
    for (;;) {
      typed = Number((typed + 0.001).toFixed(3));
      await mass(page).fill(String(typed));
      await mass(page).blur();
      await page
        .getByRole('status')
        .first()
        .getByText(/^saved/)
        .waitFor({ timeout: 5000 });
      saved = typed;
    }
  } catch {
    return { saved, typed };
  }
}

let edits = 0;
let last: { saved: number; typed: number } | undefined;
for (let n = 0; n <= times; n += 1) {
  const browser = await startBrowser(profile);
  const page = await browser.open();
  await page.goto(address);
  await mass(page).waitFor();
  const found = Number(await mass(page).inputValue());
  if (last && (found < last.saved || found > last.typed))
    throw new Error(`kill ${n}: ${last.saved} said saved, ${last.typed} was typed, ${found} is there`);
  const work = editUntilKilled(page, found);
  await new Promise((resolve) => setTimeout(resolve, within * Math.random()));
  await browser.kill();
  last = await work;
  edits += Math.round((last.saved - found) * 1000);
}
server.closeAllConnections();
server.close();
isRemoved(profile);
process.stdout.write(`${times} kills among ${edits} saved edits: nothing lost\n`);
process.exit(0);
