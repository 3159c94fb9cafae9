import { defineConfig } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';

/** Whole stories on a phone, with the real server, the real database and a clock that stands still. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.story.ts',
  globalSetup: './built.ts',
  outputDir: '../test-results',
  // A story mostly waits, as a person does: two at a time take little more than half as long, each on a stage of its own.
  workers: 2,
  retries: 0,
  // Machines may be busy; a story that is right passes however slowly.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  reporter: process.env.PLAYWRIGHT_JSON_OUTPUT_FILE ? [['list'], ['json']] : [['list']],
  use: {
    viewport: PHONE,
    // What never comes is said where it was waited for.
    actionTimeout: 60_000,
    launchOptions: chromiumLaunch(),
    reducedMotion: 'reduce',
    // A worker would answer in place of the server; the stories of a kitchen without one let it.
    serviceWorkers: 'block',
    screenshot: 'only-on-failure',
    // What was done is kept, and what stood on the page in the end; all that stood on it before would make
    // every story longer.
    trace: { mode: 'retain-on-failure', screenshots: false, snapshots: false },
    contextOptions: { reducedMotion: 'reduce' },
  },
});
