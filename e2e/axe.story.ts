import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join, resolve } from 'node:path';
import type { FoodList } from '@omtel/core/api';
import type { AxeResults, RunOptions } from 'axe-core';
import type { Page } from '@playwright/test';
import { LAPTOP, PHONE } from '../scripts/lib/browser';
import { found, newName } from './atTheDoor';
import { expect, test, type Kitchen } from './kitchen';

const AXE = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

/** All rules once in either look and width; what else depends on them is colour alone. */
const LOOKS = [
  { viewport: PHONE, colorScheme: 'light', run: {} },
  { viewport: PHONE, colorScheme: 'dark', run: { runOnly: ['color-contrast'] } },
  { viewport: LAPTOP, colorScheme: 'light', run: { runOnly: ['color-contrast'] } },
  { viewport: LAPTOP, colorScheme: 'dark', run: {} },
] as const satisfies readonly { viewport: object; colorScheme: 'light' | 'dark'; run: RunOptions }[];

/** What is wrong with a page as it is shown, in a line each. */
async function wrongWith(page: Page, where: string): Promise<string[]> {
  await page.evaluate(AXE);
  const wrong: string[] = [];
  for (const { viewport, colorScheme, run } of LOOKS) {
    const turned = page.viewportSize()?.width !== viewport.width;
    await page.setViewportSize(viewport);
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    // What is another page on another width is fetched, laid out and measured anew.
    if (turned) await quiet(page);
    const { violations } = await page.evaluate(
      (options) =>
        (window as unknown as { axe: { run(on: Document, how: object): Promise<AxeResults> } }).axe.run(
          document,
          options,
        ),
      run,
    );
    for (const { id, nodes } of violations)
      wrong.push(
        `${where}, ${viewport.width} ${colorScheme}: ${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
      );
    if (viewport === PHONE && colorScheme === 'light') {
      const small = await tooSmall(page);
      if (small.length) wrong.push(`${where}: too small for a finger: ${small.join(' | ')}`);
    }
  }
  // The next page is opened as narrow as its first look.
  await page.setViewportSize(PHONE);
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  return wrong;
}

/** Waits until nothing is being fetched or worked out, and what is shown has come to rest. */
async function atRest(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(page.getByRole('status', { name: /^Fetching/ })).toHaveCount(0);
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await quiet(page);
}

/** Waits until nothing changes on the page. */
const quiet = (page: Page): Promise<void> =>
  page.evaluate(
    (quietMs) =>
      new Promise<void>((rest) => {
        let timer = setTimeout(done, quietMs);
        const watch = new MutationObserver(() => {
          clearTimeout(timer);
          timer = setTimeout(done, quietMs);
        });
        function done() {
          watch.disconnect();
          rest();
        }
        watch.observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    QUIET_MS,
  );

/** Longer than what is fetched takes to be drawn. */
const QUIET_MS = 400;

const REACH = 44;

/** What a finger would miss on a phone; a word in running text is as high as its line. */
const tooSmall = (page: Page): Promise<string[]> =>
  page.evaluate((least) => {
    const ACTS =
      'a[href],button,[role=button],[role=radio],[role=switch],[role=checkbox],[role=link],input,textarea';
    const seen = Array.from(document.querySelectorAll<HTMLElement>(ACTS)).filter((each) => {
      const { display, visibility, opacity, pointerEvents } = getComputedStyle(each);
      return (
        display !== 'inline' &&
        visibility !== 'hidden' &&
        // A finger presses what is around it.
        pointerEvents !== 'none' &&
        opacity !== '0' &&
        each.getClientRects().length > 0
      );
    });
    return seen.flatMap((each) => {
      const { width, height } = each.getBoundingClientRect();
      const name = each.getAttribute('aria-label') ?? each.innerText ?? each.tagName;
      return width < least - 0.5 || height < least - 0.5
        ? [`${name.slice(0, 40)} ${Math.round(width)}×${Math.round(height)}`]
        : [];
    });
  }, REACH);

/** Whole lines of a page, and names on it, that tell a quantity in the other units only. */
const inOtherUnits = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const named = Array.from(document.querySelectorAll('[aria-label]'), (each) =>
      each.getAttribute('aria-label')!,
    );
    return [...new Set([...document.body.innerText.split('\n'), ...named])].filter(
      (line) => /\d ?(°C|kg|g|cm)\b/.test(line) && !/\d ?(°F|lb|oz|in)\b/.test(line),
    );
  });

const ROUTES = resolve(__dirname, '../app/src/app');

/** The address of every page there is, parameters as `[id]`. */
function routesIn(folder: string): string[] {
  return readdirSync(join(ROUTES, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return routesIn(path);
    if (entry.name.startsWith('_') || !entry.name.endsWith('.tsx')) return [];
    return [
      `/${path
        .replace(/\.tsx$/, '')
        .replace(/\/?index$/, '')
        .replace('(places)/', '')}`,
    ];
  });
}

/** Every instrument has its own page. */
const instruments = [
  ...readFileSync(
    resolve(__dirname, '../app/src/features/calculators/InstrumentScreen.tsx'),
    'utf8',
  ).matchAll(/^  '?([a-z-]+)'?: \w+Screen,$/gm),
].map(([, name]) => name!);

/** What stands in the addresses for their parameters, in the demo. */
async function inDemo({ page }: Kitchen): Promise<(route: string) => string[]> {
  const { foods, meals } = (await (await page.request.get('/api/foods')).json()) as FoodList;
  const named = (name: string) => foods.find(({ state }) => state.name.startsWith(name))!.state.foodId;
  const [raw, cooked, thawing] = ['Chicken thighs', 'Saffron rice', 'Side of trout'].map(named) as [
    string,
    string,
    string,
  ];
  return (route) => {
    if (route === '/food/[id]')
      return [raw, cooked, thawing, named('Tub without')].map((id) => `/food/${id}`);
    if (route === '/food/[id]/icy') return [`/food/${thawing}/icy`];
    if (/^\/food\/\[id\]\/(cool|leftovers)/.test(route)) return [route.replace('[id]', cooked)];
    if (route === '/record/[store]') return ['/record/refrigerator'];
    if (route === '/guide/[instrument]') return instruments.map((name) => `/guide/${name}`);
    if (route === '/print/[what]')
      return [
        '/print/cards',
        '/print/door',
        `/print/label?of=${cooked}`,
        `/print/label?of=${raw},${cooked}`,
        `/print/meal?id=${meals[0]!.mealId}`,
        `/print/thaw?food=${thawing}`,
      ];
    if (route === '/guide/rule/[id]') return ['/guide/rule/home.bandTime.limit'];
    if (route === '/thermometers/[id]') return ['/thermometers/dial'];
    if (route === '/devices/[id]') return ['/devices/nothing'];
    if (route === '/plan/meal/[id]') return [`/plan/meal/${meals[0]!.mealId}`];
    return [route.replace('[id]', raw)];
  };
}

const all = routesIn('').sort();
const PARTS = 4;
// Side by side, and none so long that it keeps the others waiting.
test.describe.configure({ mode: 'parallel' });

for (let part = 0; part < PARTS; part++)
  test(`every page is for every eye and hand, light and dark, narrow and wide, in °F and pounds (${part + 1} of ${PARTS})`, async ({
    kitchen,
    baseURL,
  }) => {
    const { page, enter } = kitchen;
    await enter();
    const units = { temperature: 'F', mass: 'imperial' };
    const headers = { origin: baseURL! };
    const changed = await page.request.patch('/api/household/settings', { headers, data: { units } });
    expect(changed.ok()).toBe(true);
    const addresses = await inDemo(kitchen);
    const wrong: string[] = [];
    for (const path of all.filter((_, i) => i % PARTS === part).flatMap(addresses)) {
      await page.goto(path);
      await atRest(page);
      wrong.push(...(await inOtherUnits(page)).map((line) => `${path}: not in its units: ${line}`));
      wrong.push(...(await wrongWith(page, path)));
    }
    expect(wrong).toEqual([]);
  });

test('so is what opens on a page, and a kitchen of one’s own', async ({ kitchen }) => {
  const { page, enter, tap, go, food } = kitchen;
  await enter();
  const wrong: string[] = [];
  const look = async (where: string) => void wrong.push(...(await wrongWith(page, where)));
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await look('the keys');
  await page.keyboard.press('Escape');
  await tap('Water changed');
  await look('what was noted');
  await go('Stores');
  await page.getByRole('radio', { name: 'By place' }).click();
  await look('the stores by place');
  await food('Chicken thighs');
  await tap('Its whole trail');
  await look('a whole trail');
  await page.goto('/add');
  await page.getByLabel('What kind of food?').fill('chicken');
  await expect(page.getByRole('button', { name: /^Chicken/ }).first()).toBeVisible();
  await look('kinds of food');
  await page
    .getByRole('button', { name: /^Chicken/ })
    .first()
    .click();
  await tap('Put it in');
  await look('a form with what is missing');
  await page.goto('/plan/meal/new');
  await expect(page.getByLabel('What it is called')).toBeVisible();
  await look('a meal being made');
  for (const way of ['new', 'sign-in', 'recover']) {
    await page.goto(`/welcome?way=${way}`);
    await expect(page.getByLabel('Household’s name')).toBeVisible();
    await look(`the door, ${way}`);
  }
  await found(kitchen, newName());
  await look('the first step');
  for (const path of ['/now', '/stores', '/plan', '/log', '/household?who', '/yours']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await look(`an empty kitchen at ${path}`);
  }
  expect(wrong).toEqual([]);
});
