import { defineConfig } from '@playwright/test'
import { findChromium } from './scripts/lib/chromium.mjs'

const executablePath = findChromium()
if (!executablePath) throw new Error('No Chromium: npm test installs Debian’s, or set CHROMIUM_PATH')

/** A bench whose worker is known: nothing is asked on the first page. */
const NAMED_BENCH = {
  cookies: [
    {
      name: 'whyalon-bench',
      value: 'EB',
      domain: '127.0.0.1',
      path: '/',
      expires: -1,
      httpOnly: false,
      secure: false,
      sameSite: 'Strict' as const,
    },
  ],
  origins: [],
}

export default defineConfig({
  testDir: 'tests/e2e',
  // A worker has its own server on its own data folder: two keep a two-core machine busy.
  workers: 2,
  // What hangs is found by the wait for it: a whole test only has to end at some time.
  timeout: 300_000,
  // On a machine that is shared, once more on a new server: what is right then is named as flaky, not as failed.
  retries: process.env.CI ? 1 : 0,
  // A loaded two-core machine answers late, not wrongly.
  expect: { timeout: 30_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ? [['list'], ['json']] : 'list',
  globalSetup: './tests/e2e/support/loadTemplate.ts',
  use: {
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    storageState: NAMED_BENCH,
    // Nothing is waited for that only moves.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
})
