import { chromium } from '@playwright/test';
import { openStage } from './lib/stage';
import { chromiumLaunch } from './lib/browser';
const run = async () => {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  const phone = await browser.newContext({ viewport: { width: 390, height: 844 }, baseURL: stage.address, locale: 'en-GB' });
  const page = await phone.newPage();
  await page.goto('/');
  await page.getByRole('button', { name: 'Open the boatyard’s kitchen' }).click();
  await page.getByRole('heading', { name: 'Now', level: 1 }).waitFor();
  await page.waitForTimeout(800);
  const todo = process.argv.slice(2);
  for (const step of todo) {
    const [kind, ...rest] = step.split('='); const arg = rest.join('=');
    if (kind === 'shot') await page.screenshot({ path: `/tmp/${arg}.png` });
    if (kind === 'full') await page.screenshot({ path: `/tmp/${arg}.png`, fullPage: true });
    if (kind === 'tap') await page.getByRole('button', { name: arg }).first().click();
    if (kind === 'go') await page.goto(arg);
    if (kind === 'link') await page.getByRole('link', { name: new RegExp(arg) }).first().click();
    if (kind === 'fill') { const [l, v] = arg.split('|'); await page.getByLabel(l!, { exact: true }).first().fill(v!); }
    if (kind === 'wait') await page.waitForTimeout(Number(arg));
    if (kind === 'size') { const [w, h] = arg.split('x').map(Number); await page.setViewportSize({ width: w!, height: h! }); }
    if (kind === 'text') console.log(await page.getByRole('main').innerText());
  }
  await browser.close();
  await stage.stop();
};
void run();
