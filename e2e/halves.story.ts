import type { FoodList } from '@omtel/core/api';
import { expect, test } from './kitchen';

const PART = 'Bake for Uta';

test('what happened to two foods at once is set right of both from either one’s page', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, food } = kitchen;
  const listed = async (name: string) => {
    const { foods } = (await (await page.request.get('/api/foods')).json()) as FoodList;
    return foods.map(({ state }) => state).find((each) => each.name === name);
  };
  await enter();
  await food('Tray of aubergine bake');
  const whole = await listed('Tray of aubergine bake');
  await tap('Divide or combine');
  await page.getByLabel('Weight of the part').fill('0,6');
  await page.getByLabel('Its name').fill(PART);
  await tap('Divide off');
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();

  await food('Tray of aubergine bake');
  await tap('Divide or combine');
  await tap(`Combine with ${PART}`);
  await expect.poll(() => listed(PART)).toBeUndefined();

  // From the log, where each half is an entry of its own: the part is back, and the tray knows nothing of it.
  await go('Log');
  await page
    .getByRole('button', { name: /Put to another food/ })
    .first()
    .click();
  await tap('It did not happen');
  await expect(page.getByText('Taken back', { exact: true })).toHaveCount(2);
  await expect.poll(() => listed(PART)).toBeDefined();

  // Nor was it ever divided off, if it was not: the tray weighs what it did.
  await food(PART);
  await page
    .getByRole('button', { name: /divided off/ })
    .first()
    .click();
  await tap('It did not happen');
  await expect.poll(() => listed(PART)).toBeUndefined();
  await expect.poll(async () => (await listed('Tray of aubergine bake'))?.massKg).toBe(whole!.massKg);
});
