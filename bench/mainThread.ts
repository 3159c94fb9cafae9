import { chromium } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';

const HEARTBEAT_MS = 5;

/** The longest time the page is held up while forecasts run beside it, drawing them included. */
export async function mainThread(): Promise<string[]> {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const page = await browser.newPage({ baseURL: stage.address, viewport: PHONE });
    await page.request.post('/api/session/demo', { headers: { origin: stage.address } });
    await page.goto('/guide/bench');
    await page.getByRole('img', { name: /^Trials/ }).waitFor();
    // A heartbeat that notes how late it is, from the tap until the answer is in.
    await page.evaluate((every) => {
      const held = { mostMs: 0, beats: 0 };
      let last = performance.now();
      setInterval(() => {
        const now = performance.now();
        if (document.querySelector('[role=progressbar]')) {
          held.mostMs = Math.max(held.mostMs, now - last - every);
          held.beats += 1;
        }
        last = now;
      }, every);
      (globalThis as unknown as { held: typeof held }).held = held;
    }, HEARTBEAT_MS);
    await page.getByRole('radio', { name: '96 h' }).click();
    await page.getByRole('img', { name: /over 4 d$/ }).waitFor();
    const { mostMs, beats } = await page.evaluate(
      () => (globalThis as unknown as { held: { mostMs: number; beats: number } }).held,
    );
    return [`held up ${mostMs.toFixed(0)} ms at most over ${beats} beats while a forecast ran (at most 50)`];
  } finally {
    await browser.close();
    await stage.stop();
  }
}
