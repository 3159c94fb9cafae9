import { expect } from '@playwright/test';
import { test } from './kitchen';

test('what the microwave puts out and whether the oven has a fan: plans and forecasts go by it, a reload later too', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  const microwave = async () => {
    await go('Plan');
    await tap('New plan');
    await tap(/^Side of trout/);
    return page.getByRole('radio', { name: /^Microwave/ });
  };
  await expect(await microwave()).toContainText(/ thawing/);
  await expect(page.getByText(/by the watts of yours/)).toHaveCount(0);
  await page.goto('/household');
  const watts = page.getByLabel('It puts out');
  await watts.fill('90');
  await watts.blur();
  await expect(page.getByText('Not below 200, and no more than 2000.')).toBeVisible();
  await watts.fill('600');
  await watts.blur();
  await page.getByRole('switch', { name: 'Oven: has a fan' }).click();
  await page.reload();
  await expect(page.getByLabel('It puts out')).toHaveValue('600');
  await expect(page.getByRole('switch', { name: 'Oven: has a fan' })).toBeChecked();
  await (await microwave()).click();
  await expect(page.getByText(/by the watts of yours .*: looked at after the shorter/)).toBeVisible();
  // A joint in that oven is forecast with its fan.
  await page.goto('/stores');
  await page.getByRole('textbox', { name: 'Look for' }).fill('Chicken thighs');
  await page.getByRole('link', { name: /^Chicken thighs/ }).click();
  await tap('Log a reading');
  await tap('Cook it');
  await tap('It is on the heat');
  await expect(page.getByRole('radio', { name: 'With a fan' })).toBeChecked({ timeout: 20_000 });
});
