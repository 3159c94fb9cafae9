import { expect, test } from './kitchen';

test('a power cut: how long each store stays cold, what is asked then, and the end of it', async ({
  kitchen,
}) => {
  const { page, tap, enter, go, food, later, ruling } = kitchen;
  await enter();
  await food('Tray of aubergine bake');
  await ruling('Fine');
  await go('Stores');
  await page.getByRole('radio', { name: 'By place' }).click();
  await tap('Power cut');
  await page.getByRole('radio', { name: 'Half full' }).click();
  await page.getByLabel('No power since').fill('soon');
  await tap('Record the power cut');
  await expect(page.getByText('A time such as 19:00.')).toBeVisible();
  await page.getByLabel('No power since').fill('18:30');
  await tap('Record the power cut');
  await expect(page.getByRole('heading', { name: 'The power is off since 18:30' })).toBeVisible();
  await expect(page.getByText('Refrigerator: kept closed, cold until 22:30.')).toBeVisible();
  await food('Tray of aubergine bake');
  await ruling('Act by');
  await expect(page.getByText(/stays cold until 22:30\.$/).first()).toBeVisible();

  await later(4 * 60);
  await ruling('Act by');
  await expect(page.getByText('The power is off. 4 °C or less settles it.').first()).toBeVisible();
  // A question; and nobody having an answer for as long as it may be out, the end of it.
  await later(2 * 60);
  await ruling('Cannot tell');
  await food('Lamb shoulder');
  await tap('Ice in it');
  await expect(page.getByRole('button', { name: /Still has ice in it/ })).toBeVisible();
  await go('Stores');
  await expect(page.getByText(/^Refrigerator: cold until .* at best\./)).toBeVisible();
  await page.getByRole('button', { name: 'The freezer was opened' }).click();
  await expect(page.getByText('Freezer: opened. Read what is in it.')).toBeVisible();
  await tap('The power is back');
  await expect(page.getByRole('heading', { name: /^The power is off/ })).toBeHidden();
  await food('Tray of aubergine bake');
  await ruling('Cannot tell');
  await later(2 * 60);
  await ruling('Throw away');
});
