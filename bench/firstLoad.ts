import { gzipSync } from 'node:zlib';
import { chromium, type Browser, type Response } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';
import { EMPTY_SAYS, openEmptyPage } from './emptyPage';

const KILO = 1000;

/** JavaScript that a page fetches before it settles, gzipped, bytes. */
async function scriptsOf(browser: Browser, address: string, settledBy: string): Promise<number> {
  const page = await browser.newPage({ viewport: PHONE });
  const responses: Response[] = [];
  page.on('response', (response) => {
    if (response.request().resourceType() === 'script') responses.push(response);
  });
  await page.goto(address);
  await page.getByText(settledBy).waitFor();
  await page.waitForLoadState('networkidle');
  const bodies = await Promise.all([...responses].map((response) => response.body()));
  const sizes = bodies.map((body) => gzipSync(body, { level: 9 }).length);
  await page.close();
  return sizes.reduce((a, b) => a + b, 0);
}

/** JavaScript of the first page against an empty page of the same stack. */
export async function firstLoad(): Promise<string[]> {
  const empty = await openEmptyPage();
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const floor = await scriptsOf(browser, empty.address, EMPTY_SAYS);
    const ours = await scriptsOf(browser, stage.address, 'Open the boatyard’s kitchen');
    return [
      `empty page   ${(floor / KILO).toFixed(0)} kB of JavaScript, gzipped`,
      `first page   ${(ours / KILO).toFixed(0)} kB`,
      `ratio        ${(ours / floor).toFixed(2)} (at most 1.40)`,
    ];
  } finally {
    await browser.close();
    await stage.stop();
    empty.stop();
  }
}
