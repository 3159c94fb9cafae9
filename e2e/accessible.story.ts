import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { LAPTOP, PHONE } from '../scripts/lib/browser';
import { expect, test } from './kitchen';

/** Pages anybody can open, and those of the demo’s kitchen that name nothing in it. */
const PLACES = [
  '/welcome?way=new',
  '/welcome?way=sign-in',
  '/welcome?way=recover',
  '/welcome?way=join#nothing',
  '/welcome?way=in',
  '/now',
  '/plan',
  '/plan/new',
  '/plan/meal/new',
  '/stores',
  '/guide',
  '/guide/differences',
  '/guide/sources',
  '/guide/sanitiser',
  '/guide/practice',
  '/guide/bench',
  '/log',
  '/add',
  '/ask',
  '/household',
  '/household?step=1',
  '/household?step=3',
  '/household?step=5',
  '/thermometers',
  '/devices',
  '/record/refrigerator',
  '/record/freezer',
];
const OF_A_FOOD = ['', '/amend', '/cook', '/cool', '/divide', '/icy', '/label', '/leftovers', '/whatif'];
/** What is drawn late is looked at as well. */
const DRAWN_MS = 700;

/** What is wrong with a page as it is shown, in few words. */
async function wrongWith(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}: ${target.join(' ')}`));
}

/** Looks at a page as it opens, by day and by night, on a phone and on a wide screen. */
async function expectNothingWrong(page: Page, path: string): Promise<void> {
  await page.setViewportSize(PHONE);
  await page.goto(path);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  for (const [size, viewport] of Object.entries({ PHONE, LAPTOP }))
    for (const colorScheme of ['light', 'dark'] as const) {
      await page.setViewportSize(viewport);
      await page.emulateMedia({ colorScheme });
      await page.waitForTimeout(DRAWN_MS);
      expect.soft(await wrongWith(page), `${path}, ${size}, ${colorScheme}`).toEqual([]);
    }
}

test('nothing is in the way of a screen reader or a weak eye on any place', async ({ kitchen }) => {
  test.slow();
  const { page, enter } = kitchen;
  await page.goto('/welcome');
  await expectNothingWrong(page, '/welcome');
  await enter();
  for (const place of PLACES) await expectNothingWrong(page, place);
});

test('nor on any page of a food, a meal, a thermometer or a rule', async ({ kitchen }) => {
  test.slow();
  const { page, enter } = kitchen;
  await enter();
  const told = async (path: string) => (await page.request.get(path)).json();
  const { foods, meals } = (await told('/api/foods')) as {
    foods: { state: { foodId: string; name: string } }[];
    meals: { mealId: string }[];
  };
  const soup = foods.find(({ state }) => state.name.startsWith('Red lentil soup'))!.state.foodId;
  const trout = foods.find(({ state }) => state.name.startsWith('Side of trout'))!.state.foodId;
  const { settings } = (await told('/api/household')) as { settings: { thermometers: { id: string }[] } };
  for (const path of OF_A_FOOD) await expectNothingWrong(page, `/food/${soup}${path}`);
  for (const path of ['', '/cook', '/icy']) await expectNothingWrong(page, `/food/${trout}${path}`);
  await expectNothingWrong(page, `/plan/meal/${meals[0]!.mealId}`);
  await expectNothingWrong(page, `/plan/meal/new?id=${meals[0]!.mealId}`);
  await expectNothingWrong(page, `/thermometers/${settings.thermometers[0]!.id}`);
  await page.goto('/guide');
  await page
    .getByRole('link', { name: /^Poultry/ })
    .first()
    .click();
  await expectNothingWrong(page, new URL(page.url()).pathname);
});
