import { expect, test as base, type Locator, type Page } from '@playwright/test';
import { openStage, type Stage } from '../scripts/lib/stage';
import { tapOn, watchFinger } from './finger';

/** The demo kitchen as a cook has it in hand. */
export interface Kitchen {
  readonly page: Page;
  /** Opens the first page as somebody who is through the door; the door has stories of its own. */
  enter(): Promise<void>;
  /** Goes to a place by the bar. */
  go(place: 'Now' | 'Plan' | 'Stores' | 'Guide' | 'Log'): Promise<void>;
  /** Taps a button by the words on it. */
  tap(name: string | RegExp): Promise<void>;
  /** Lets the kitchen's clock run on, and looks again. */
  later(minutes: number): Promise<void>;
  /** Opens a food's page from Stores. */
  food(name: string): Promise<void>;
  /** The ruling shown on a food's page. */
  ruling(word: string): Promise<void>;
}

const LOOK_MS = 600;
const MINUTE_MS = 60_000;
/** A database of its own is set up in this time, on a busy machine too. */
const STAGE_MS = 3 * MINUTE_MS;
/** Longer than a tap. */
const REST_MS = 600;

/** Rests a finger on what is shown there. */
export async function rest(page: Page, on: Locator, timeout?: number): Promise<void> {
  await on.hover({ timeout });
  await page.mouse.down();
  await page.waitForTimeout(REST_MS);
  await page.mouse.up();
}

/** A test with the story just begun, on its own page; whoever runs stories beside others has a stage to themselves. */
export const test = base.extend<{ kitchen: Kitchen }, { stage: Stage }>({
  stage: [
    async ({}, use) => {
      const stage = await openStage();
      await use(stage);
      await stage.stop();
    },
    { scope: 'worker', timeout: STAGE_MS },
  ],
  baseURL: async ({ stage }, use) => use(stage.address),
  kitchen: async ({ page, baseURL, stage }, use) => {
    // Many stories open a kitchen of their own from one address.
    await stage.forgetTries();
    const headers = { origin: baseURL! };
    await page.request.post('/api/session/demo', { headers });
    await page.request.post('/api/household/restart', { headers });
    await page.context().clearCookies();

    await watchFinger(page);
    const tap = (name: string | RegExp) => tapOn(page, page.getByRole('button', { name }).first());
    const go: Kitchen['go'] = async (place) => {
      await page.getByRole('navigation').getByRole('link', { name: place }).click();
      await expect(page.getByRole('heading', { name: place, level: 1 })).toBeVisible();
    };
    await use({
      page,
      tap,
      go,
      enter: async () => {
        await page.request.post('/api/session/demo', { headers });
        await page.goto('/');
        await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
        // The address follows what is shown: what a story reloads at once must be this place.
        await expect(page).toHaveURL(/\/now$/);
      },
      later: async (minutes) => {
        // Nobody reloads a page while the finger is still on it: what was tapped is being put away.
        await page.waitForTimeout(LOOK_MS);
        const { clock } = await (await page.request.get('/api/household')).json();
        const aheadMs = clock.aheadMs + minutes * MINUTE_MS;
        const moved = await page.request.put('/api/household/clock', { headers, data: { aheadMs } });
        expect(moved.ok()).toBe(true);
        await page.reload();
      },
      food: async (name) => {
        await go('Stores');
        await page.getByRole('radio', { name: 'Eat next' }).click();
        // Of a long list only what is near the eye is drawn.
        await page.getByRole('textbox', { name: 'Look for' }).fill(name);
        // A list is tapped once it has come to rest: what is looked for moves up under the finger.
        await expect(page.getByText(/^\d+ of \d+ foods$/)).toBeVisible();
        await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
        await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
        await expect(page).toHaveURL(/\/food\/|food=/);
        // Nobody taps on a page before having looked at it.
        await page.waitForTimeout(LOOK_MS);
      },
      ruling: async (word) => {
        await expect(page.getByText(word, { exact: true }).first()).toBeVisible();
      },
    });
  },
});

export { expect };
