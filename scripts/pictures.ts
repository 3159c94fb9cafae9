import { mkdirSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { chromiumLaunch, LAPTOP, PHONE } from './lib/browser';
import { run } from './lib/sentence';
import { openStage } from './lib/stage';

const FOLDER = 'docs/screenshots';

interface Picture {
  readonly name: string;
  readonly size?: { width: number; height: number };
  readonly dark?: boolean;
  /** What is done, after signing in to a story just begun, until the view is there. */
  readonly show: (page: Page) => Promise<void>;
}

const open = (path: string) => async (page: Page) => void (await page.goto(path));
/** Nobody taps on a page before having looked at it: what comes sooner is the same tap as the last. */
const LOOK_MS = 600;
/** What was ticked is with the server before the clock is moved on. */
const SENT_MS = 1000;
const tap = async (page: Page, name: string | RegExp) => {
  await page.waitForTimeout(LOOK_MS);
  await page.getByRole('button', { name }).first().click();
};

/** From Stores to a food's page. */
const food = (name: string) => async (page: Page) => {
  await page.goto('/stores');
  await page.getByRole('link', { name: new RegExp(`^${name}`) }).click();
  await page.getByRole('heading', { name, level: 1 }).waitFor();
};

/** Moves the story's clock on. */
async function later(page: Page, minutes: number): Promise<void> {
  const headers = { origin: new URL(page.url()).origin };
  const { clock } = (await (await page.request.get('/api/household')).json()) as {
    clock: { aheadMs: number };
  };
  await page.request.put('/api/household/clock', {
    headers,
    data: { aheadMs: clock.aheadMs + minutes * 60_000 },
  });
  await page.reload();
}

const newPlan = async (page: Page) => {
  await page.goto('/plan/new');
  await tap(page, /^Lamb shoulder/);
  await page.getByRole('heading', { name: 'How it thaws' }).waitFor({ timeout: 60_000 });
};

/** The crew's supper with the lamb in the oven. */
const supper = async (page: Page) => {
  await page.goto('/plan');
  await page.getByRole('link', { name: /^Crew supper/ }).click();
  await page.getByRole('heading', { name: 'Crew supper', level: 1 }).waitFor();
  for (const [minutes, tick] of [
    [14 * 60 + 43, 'Thawed: Leg of lamb'],
    [5 * 60 + 10, 'Oven is on: Oven to 165'],
    [5, 'Begun: Prepare Leg of lamb'],
    [20, 'It is on: Leg of lamb into the oven'],
  ] as const) {
    await later(page, minutes);
    await page.waitForTimeout(LOOK_MS);
    await tap(page, new RegExp(`^${tick}`));
    await page
      .getByRole('button', { name: new RegExp(`^${tick}`) })
      .first()
      .waitFor({ state: 'hidden' });
  }
  await later(page, 52);
};

const PICTURES: readonly Picture[] = [
  { name: 'now', show: open('/now') },
  { name: 'now-dark', dark: true, show: open('/now') },
  { name: 'now-wide', size: LAPTOP, show: open('/now') },
  {
    name: 'ask',
    show: async (page) => {
      await page.goto('/ask');
      await page.getByLabel('What is it?').fill('leftover chicken');
      await tap(page, 'Chicken, cooked');
      await page.getByRole('radio', { name: 'Tuesday' }).click();
      await page.getByRole('radio', { name: 'In the refrigerator all along' }).click();
    },
  },
  { name: 'meal', show: supper },
  { name: 'meal-wide', size: LAPTOP, dark: true, show: supper },
  { name: 'plan-new', show: newPlan },
  { name: 'stores', show: open('/stores') },
  { name: 'stores-wide', size: LAPTOP, show: open('/stores') },
  {
    name: 'thermometers',
    show: async (page) => {
      await page.goto('/thermometers/dial');
      await tap(page, 'Check it in ice water');
      await page.getByRole('heading', { name: 'In ice water' }).waitFor();
    },
  },
  { name: 'food', show: food('Fish pie, half a tray') },
  {
    name: 'cook-live',
    show: async (page) => {
      await newPlan(page);
      await page
        .getByRole('radiogroup', { name: 'Ways to thaw' })
        .getByRole('radio', { name: /^Cook from frozen/ })
        .click();
      await tap(page, 'Plan it this way');
      await page.getByRole('heading', { name: 'Now', level: 1 }).waitFor();
      for (const [minutes, what] of [
        [18 * 60 + 40, 'Oven is on: Lamb shoulder'],
        [20, 'It is on: Lamb shoulder'],
        [180, 'Log a reading: Lamb shoulder'],
      ] as const) {
        await later(page, minutes);
        await tap(page, what);
        await page.waitForTimeout(SENT_MS);
      }
      await tap(page, 'Put a stand-in probe in');
      await page.getByText(/^Corrected by the probe/).waitFor({ timeout: 60_000 });
      await page.getByText('The probe in it').evaluate((element) => element.scrollIntoView());
    },
  },
  {
    name: 'leftovers',
    show: async (page) => {
      await food('Red lentil soup, 4 litres')(page);
      await tap(page, 'Put leftovers away');
      await page.getByText('Into the cold by').waitFor();
    },
  },
  {
    name: 'cool',
    show: async (page) => {
      await food('Red lentil soup, 4 litres')(page);
      await tap(page, 'Will it cool in time?');
      await page.getByText('The marks').waitFor({ timeout: 60_000 });
      await page.getByText('The marks').scrollIntoViewIfNeeded();
    },
  },
  {
    name: 'record',
    show: async (page) => {
      await page.goto('/devices');
      await tap(page, 'Add a device');
      await page.getByLabel('What it is called').fill('Sensor in the refrigerator');
      await tap(page, 'Make its key');
      await tap(page, 'Refrigerator, left ajar');
      await page.getByText('readings were taken in').waitFor({ timeout: 60_000 });
      await page.goto('/record/refrigerator');
      await page.getByText('Mean', { exact: true }).waitFor();
    },
  },
  { name: 'guide', show: open('/guide') },
  { name: 'card', show: open('/print/door') },
  { name: 'log', show: open('/log') },
  { name: 'household', show: open('/household') },
];

/** Retakes every picture of docs/screenshots from the demo story at its opening; names given take only those. */
const FADED_MS = 400;

run(async () => {
  const wanted = process.argv.slice(2);
  mkdirSync(FOLDER, { recursive: true });
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    for (const { name, size = PHONE, dark, show } of PICTURES.filter(
      (picture) => wanted.length === 0 || wanted.includes(picture.name),
    )) {
      const page = await browser.newPage({
        baseURL: stage.address,
        viewport: size,
        colorScheme: dark ? 'dark' : 'light',
        reducedMotion: 'reduce',
      });
      await page.request.post('/api/session/demo', { headers: { origin: stage.address } });
      await page.request.post('/api/household/restart', { headers: { origin: stage.address } });
      await show(page);
      // A chart comes when it is first looked at.
      await page.waitForLoadState('networkidle');
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      await page
        .getByText(/^Fetching/)
        .first()
        .waitFor({ state: 'detached' });
      await page.waitForLoadState('networkidle');
      await page.evaluate(() => document.fonts.ready);
      // What lay under the pointer fades back.
      await page.mouse.move(0, 0);
      await page.waitForTimeout(FADED_MS);
      await page.screenshot({ path: `${FOLDER}/${name}.png` });
      await page.close();
      console.log(`${FOLDER}/${name}.png`);
    }
  } finally {
    await browser.close();
    await stage.stop();
  }
});
