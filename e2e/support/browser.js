// Debian's Chromium, headless, as the browser tests, the bench and the pictures use it.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

/** Pages of the browser's own, which it draws for every window though nobody sees one: half a second of both cores. */
const OWN_PAGES = ['WebUIOmniboxPopup', 'WebUIOmniboxAimPopup', 'WebUIOmniboxFullPopup'];

/**
 * Starts the browser with a new profile; a page that was left is gone, with what it held of the device's store.
 * Returns it and a function that ends it and its profile.
 */
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
      `--disable-features=${[...OWN_PAGES, 'BackForwardCache']}`,
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
