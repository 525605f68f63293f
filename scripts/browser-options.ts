import type { LaunchOptions } from '@playwright/test';

/** Debian's Chromium, without what a browser does behind one's back. */
export const browserOptions: LaunchOptions = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
