import { expect, test } from './kitchen';

test('what keeps a step safe stands beside it, with why, and is quiet once it was seen', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, later } = kitchen;
  const acts = page.getByRole('list', { name: 'How it is done safely' }).first();
  await enter();
  await go('Plan');
  await page
    .getByRole('link', { name: /Crew supper/ })
    .first()
    .click();
  await expect(acts).toContainText('Never on the counter');
  await page.getByRole('button', { name: /^Still icy inside/ }).click();
  await expect(acts).toContainText('The outside would be warm for hours');
  // The lamb is thawed in the morning, and prepared in the afternoon.
  await later(14 * 60 + 38);
  await tap('Thawed');
  await later(5 * 60 + 10);
  await tap('Oven is on: Oven to 165 °C');
  await later(5);
  await tap('Hands: 20 s');
  await expect(page.getByRole('timer')).toContainText(/1\d s/);
  await tap(/^How it is done safely: \d more/);
  await expect(acts).toContainText('One board and knife');
  await tap('Seen: keep it quiet');
  await expect(acts).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Hands: 20 s' })).toBeVisible();
  await expect(acts).toHaveCount(0);
  await tap('How it is done safely');
  await expect(acts).toContainText('One board and knife');
  await page.getByRole('link', { name: 'Mix a sanitiser' }).click();
  await expect(page.getByRole('heading', { name: /Sanitiser/, level: 1 })).toBeVisible();
});
