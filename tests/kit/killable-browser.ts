import { chromium } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import { browserOptions } from '../../scripts/browser-options';

/** Removes a folder. @returns whether it is gone; a helper that outlives a killed browser may still write there */
export function isRemoved(folder: string): boolean {
  try {
    rmSync(folder, { recursive: true, force: true });
    return true;
  } catch {
    return false;
  }
}

/** A Chromium of its own process, so that it can be killed without a chance to tidy up. */
export async function startBrowser(profile: string) {
  const child: ChildProcess = spawn(browserOptions.executablePath!, [
    '--headless',
    ...browserOptions.args!,
    '--window-size=1280,900',
    '--remote-debugging-port=0',
    `--user-data-dir=${profile}`,
    'about:blank',
  ]);
  const address = await new Promise<string>((resolve, reject) => {
    let text = '';
    child.stderr?.on('data', (data: Buffer) => {
      text += data.toString();
      const found = /ws:\/\/\S+/.exec(text)?.[0];
      if (found) resolve(found);
    });
    child.on('exit', () => reject(new Error(`Chromium ended: ${text}`)));
  });
  const browser = await chromium.connectOverCDP(address);
  return {
    open: () => browser.contexts()[0]!.newPage(),
    kill: async () => {
      const ended = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGKILL');
      await ended;
    },
  };
}
