import { chromium, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';

const FOODS = 2000;
const BATCH = 200;
const SMALL = 20;

/** Opens Stores and counts what it asks of the server for foods. */
async function opened(page: Page): Promise<{ requests: number; ms: number }> {
  let requests = 0;
  page.on('request', (request) => {
    if (/\/api\/(foods|events)/.test(request.url())) requests += 1;
  });
  const from = performance.now();
  await page.goto('/stores');
  await page.getByRole('link', { name: /^Tub without a date/ }).waitFor();
  const ms = performance.now() - from;
  await page.waitForLoadState('networkidle');
  page.removeAllListeners('request');
  return { requests, ms };
}

/** Stores of a household of 2 000 foods against one of twenty. */
export async function stores(): Promise<string[]> {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const page = await browser.newPage({ baseURL: stage.address, viewport: PHONE });
    const headers = { origin: stage.address };
    const { clock } = await (await page.request.post('/api/session/demo', { headers })).json();
    await opened(page);
    const few = await opened(page);
    for (let done = 0; done < FOODS - SMALL; done += BATCH) {
      const events = Array.from({ length: BATCH }, (_, i) => ({
        id: uuid(),
        foodId: uuid(),
        at: clock.now,
        type: 'added',
        payload: {
          foodKey: 'lentil-soup',
          name: `Soup ${done + i}`,
          massKg: 1,
          form: 'liquid',
          condition: 'cooked',
          place: 'freezer',
          since: clock.now,
        },
      }));
      await page.request.post('/api/events', { headers, data: { events } });
    }
    const many = await opened(page);
    return [
      `${FOODS} foods: ${many.requests} request for foods, ${(many.ms / few.ms).toFixed(1)} × the time of ${SMALL}`,
    ];
  } finally {
    await browser.close();
    await stage.stop();
  }
}
