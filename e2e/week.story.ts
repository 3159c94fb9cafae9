import { expect, test } from './kitchen';

test('what is bought for the week: for its meals, and of what runs out, in the order of the shop', async ({
  kitchen,
}) => {
  const { page, enter, go, food, tap } = kitchen;
  const main = page.getByRole('main');
  await enter();
  await go('Plan');
  await page.getByRole('link', { name: 'To be bought this week' }).click();
  await expect(page.getByRole('heading', { name: 'To be bought', level: 1 })).toBeVisible();
  const thighs = main.getByRole('listitem').filter({ hasText: 'Chicken thighs' });
  await expect(thighs).toContainText('The last of it keeps until');
  // What is taken in the shop is on its way, and nothing is bought twice; taken back it is to be bought again.
  await tap('Bought, in a cold bag: Chicken thighs');
  await expect(thighs).toHaveCount(0);
  await tap('Undo');
  await expect(thighs).toContainText('The last of it keeps until');
  await tap('Bought, no bag: Chicken thighs');
  await tap('Put it away');
  await expect(page.getByRole('heading', { name: 'Chicken thighs', level: 1 })).toBeVisible();
  await tap('Undo');
  await page.goto('/plan/shopping');
  await expect(thighs).toContainText('The last of it keeps until');
  await page.getByRole('link', { name: 'How long in the car' }).click();
  await expect(page.getByRole('heading', { name: 'Carrying it home', level: 1 })).toBeVisible();
  // In the freezer they are there for longer than a week; thrown away there are none.
  await food('Chicken thighs');
  await tap('To the freezer');
  await page.goto('/plan/shopping');
  await expect(main.getByRole('list').first()).toBeVisible();
  await expect(thighs).toHaveCount(0);
});
