// Debian's Chromium, headless, as the browser tests, the bench and the pictures use it.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

/** Starts the browser with a new profile. Returns it and a function that ends it and its profile. */
export async function openBrowser() {
  const profile = mkdtempSync(join(tmpdir(), 'water-clock-browser-'));
  const browser = await puppeteer.launch({
    executablePath: '/usr/bin/chromium',
    headless: true,
    userDataDir: profile,
    args: [
      ...(process.getuid?.() === 0 ? ['--no-sandbox'] : []),
      '--disable-gpu',
      '--force-prefers-reduced-motion',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--disable-dev-shm-usage',
      '--force-color-profile=srgb',
      // A page that was left is gone, with what it held of the device's store.
      '--disable-features=BackForwardCache',
    ],
  });
  return {
    browser,
    close: async () => {
      await browser.close();
      rmSync(profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 100 });
    },
  };
}
