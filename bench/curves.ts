import { chromium, type Page } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';
import { median, SLOWER, slowedDown } from './phone';

const ROUNDS = 7;
const SETTLED_MS = 2500;

/** From the next press on, until the drawing is another one. */
const WATCH = `
  globalThis.drawnAnew = () =>
    new Promise((resolve) =>
      document.addEventListener('pointerdown', () => {
        const from = performance.now();
        const drawing = () => document.querySelector('[role=img] path, [role=img]')?.outerHTML;
        const before = drawing();
        const look = () =>
          drawing() !== undefined && drawing() !== before
            ? resolve(performance.now() - from)
            : requestAnimationFrame(look);
        requestAnimationFrame(look);
      }, { capture: true, once: true }),
    );
`;

interface Watched {
  drawnAnew: () => Promise<number>;
  drawn: Promise<number>;
}

async function drawnAfter(page: Page, tap: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const watched = globalThis as unknown as Watched;
    watched.drawn = watched.drawnAnew();
  });
  await tap();
  const ms = await page.evaluate(() => (globalThis as unknown as Watched).drawn);
  await page.waitForTimeout(SETTLED_MS);
  return ms;
}

/** How long after what is asked was changed its curve stands anew, on a slow phone. */
export async function curves(): Promise<string[]> {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const page = await browser.newPage({ viewport: PHONE, baseURL: stage.address });
    await page.addInitScript({ content: WATCH });
    const headers = { origin: stage.address };
    await page.request.post('/api/session/demo', { headers });
    const { foods } = (await (await page.request.get('/api/foods')).json()) as {
      foods: { state: { foodId: string; name: string } }[];
    };
    const soup = foods.find(({ state }) => state.name.startsWith('Red lentil soup'))!.state.foodId;
    await page.goto(`/food/${soup}/cool`);
    const lid = page.getByRole('radiogroup', { name: 'Lid' });
    await page.getByRole('img', { name: /^Cooling of/ }).waitFor();
    await slowedDown(page);
    await page.waitForTimeout(SETTLED_MS);
    const times: number[] = [];
    for (let round = 0; round < ROUNDS; round++)
      times.push(
        await drawnAfter(page, () =>
          lid.getByRole('radio', { name: round % 2 ? 'On' : 'Off', exact: true }).click(),
        ),
      );
    return [
      `a cooling drawn anew after a tap, at ${SLOWER} ×: ${median(times).toFixed(0)} ms, ${Math.max(...times).toFixed(0)} at most (at most 500)`,
    ];
  } finally {
    await browser.close();
    await stage.stop();
  }
}
