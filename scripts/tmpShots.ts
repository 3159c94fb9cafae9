import { chromium, type Page } from '@playwright/test';
import { chromiumLaunch, LAPTOP, PHONE } from './lib/browser';
import { openStage } from './lib/stage';
export const run = async (
  shots: {
    name: string;
    wide?: boolean;
    dark?: boolean;
    full?: boolean;
    show: (page: Page, later: (m: number) => Promise<void>) => Promise<void>;
  }[],
) => {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    for (const { name, wide, dark, full, show } of shots) {
      const page = await browser.newPage({
        baseURL: stage.address,
        viewport: wide ? LAPTOP : PHONE,
        colorScheme: dark ? 'dark' : 'light',
        reducedMotion: 'reduce',
      });
      page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
      page.on('console', (m) => m.type() === 'error' && console.log('CONSOLE', m.text().slice(0, 300)));
      const headers = { origin: stage.address };
      await page.request.post('/api/session/demo', { headers });
      await page.request.post('/api/household/restart', { headers });
      const later = async (minutes: number) => {
        const { clock } = (await (await page.request.get('/api/household')).json()) as any;
        await page.request.put('/api/household/clock', {
          headers,
          data: { aheadMs: clock.aheadMs + minutes * 60_000 },
        });
        await page.reload();
      };
      try {
        await show(page, later);
      } catch (e) {
        console.log(name, String(e).slice(0, 600));
      }
      await page.waitForTimeout(600);
      await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: full });
      await page.close();
    }
  } finally {
    await browser.close();
    await stage.stop();
  }
};
