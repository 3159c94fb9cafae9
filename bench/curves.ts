import { chromium, type Page } from '@playwright/test';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';
import { median, SLOWER, slowedDown } from './phone';

const ROUNDS = 7;
const SETTLED_MS = 2500;

/** From the next press on, until the drawing is another one. */
const WATCH = `
  globalThis.drawnAnew = (name) =>
    new Promise((resolve) =>
      document.addEventListener('pointerdown', () => {
        const from = performance.now();
        const drawing = () => document.querySelector('[role=img][aria-label^="' + name + '"]')?.outerHTML;
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
  drawnAnew: (name: string) => Promise<number>;
  drawn: Promise<number>;
}

/** A forecast on a page, and two answers by turns to what it asks. */
interface Asked {
  readonly what: string;
  /** How the name of its drawing begins. */
  readonly drawing: string;
  readonly open: (page: Page, foodNamed: (name: string) => string) => Promise<void>;
  readonly group: string;
  readonly options: readonly [string, string];
}

const ASKED: readonly Asked[] = [
  {
    what: 'a cooling',
    drawing: 'Cooling of',
    open: async (page, foodNamed) => void (await page.goto(`/food/${foodNamed('Red lentil soup')}/cool`)),
    group: 'Lid',
    options: ['Off', 'On'],
  },
  {
    what: 'a thaw',
    drawing: 'Thawing of',
    open: async (page) => {
      await page.goto('/plan/new');
      await page.getByLabel('What is to be cooked?').fill('Pork shoulder');
      await page.getByRole('button', { name: 'Pork shoulder', exact: true }).first().click();
      await page.getByLabel('Weight', { exact: true }).fill('3');
      await page.getByRole('radio', { name: 'Frozen', exact: true }).click();
    },
    group: 'Shape',
    options: ['joint, boneless', 'joint, bone in'],
  },
  {
    what: 'a roast',
    drawing: 'Roasting of',
    open: async (page, foodNamed) => {
      await page.goto(`/food/${foodNamed('Chicken thighs')}/cook?to=heat`);
      await page.getByRole('button', { name: 'It is on the heat' }).click();
    },
    group: 'Oven',
    options: ['With a fan', 'Without a fan'],
  },
];

async function drawnAfter(page: Page, { drawing, group, options }: Asked, round: number): Promise<number> {
  await page.evaluate((name) => {
    const watched = globalThis as unknown as Watched;
    watched.drawn = watched.drawnAnew(name);
  }, drawing);
  const choice = page.getByRole('radiogroup', { name: group });
  await choice.getByRole('radio', { name: options[round % 2]!, exact: true }).click();
  const ms = await page.evaluate(() => (globalThis as unknown as Watched).drawn);
  await page.waitForTimeout(SETTLED_MS);
  return ms;
}

/** How long after what is asked was changed its curve stands anew, on a slow phone. */
export async function curves(): Promise<string[]> {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const lines: string[] = [];
    for (const asked of ASKED) {
      const page = await browser.newPage({ viewport: PHONE, baseURL: stage.address });
      await page.addInitScript({ content: WATCH });
      await page.request.post('/api/session/demo', { headers: { origin: stage.address } });
      const { foods } = (await (await page.request.get('/api/foods')).json()) as {
        foods: { state: { foodId: string; name: string } }[];
      };
      await asked.open(page, (name) => foods.find(({ state }) => state.name.startsWith(name))!.state.foodId);
      await page.getByRole('img', { name: new RegExp(`^${asked.drawing}`) }).waitFor();
      await slowedDown(page);
      await page.waitForTimeout(SETTLED_MS);
      const times: number[] = [];
      for (let round = 0; round < ROUNDS; round++) times.push(await drawnAfter(page, asked, round));
      lines.push(
        `${asked.what} drawn anew after a tap, at ${SLOWER} ×: ${median(times).toFixed(0)} ms, ${Math.max(...times).toFixed(0)} at most (at most 500)`,
      );
      await page.close();
    }
    return lines;
  } finally {
    await browser.close();
    await stage.stop();
  }
}
