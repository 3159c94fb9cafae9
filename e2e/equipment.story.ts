import { expect } from '@playwright/test';
import { test } from './kitchen';

/** Longer than a tap: what opens under a finger is not pressed by it. */
const SETTLED_MS = 1000;

test('what the microwave puts out and whether the oven has a fan: plans and forecasts go by it, a reload later too', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  const microwave = page.getByRole('radio', { name: /^Microwave/ });
  await go('Plan');
  await tap('New plan');
  await tap(/^Cod fillets/);
  await page.getByLabel('Cook, min').fill('15');
  await expect(microwave).toContainText(/ thawing/);
  await expect(page.getByText(/by the watts of yours/)).toHaveCount(0);
  await page.goto('/household');
  const watts = page.getByLabel('It puts out');
  await watts.fill('90');
  await watts.blur();
  await expect(page.getByText('Not below 200, and no more than 2000.')).toBeVisible();
  await watts.fill('600');
  await watts.blur();
  // Nobody reloads a page while the finger is still on it: what was changed is being sent, one change after the other.
  const sent = page.waitForResponse((response) =>
    Boolean(response.request().postData()?.includes('"fan":true')),
  );
  await page.getByRole('switch', { name: 'Oven: has a fan' }).press('Space');
  expect((await sent).ok()).toBe(true);
  await page.reload();
  await expect(page.getByLabel('It puts out')).toHaveValue('600');
  await expect(page.getByRole('switch', { name: 'Oven: has a fan' })).toBeChecked();
  // What was begun is still there.
  await go('Plan');
  await tap('New plan');
  await expect(page.getByText(/by the watts of yours .*: looked at after the shorter/)).toBeVisible();
  // A joint in that oven is forecast with its fan.
  await page.goto('/stores');
  await page.getByRole('textbox', { name: 'Look for' }).fill('Chicken thighs');
  await page.getByRole('link', { name: /^Chicken thighs/ }).click();
  for (const act of ['Log a reading', 'Cook it', 'It is on the heat']) {
    await page.waitForTimeout(SETTLED_MS);
    await tap(act);
  }
  await expect(page.getByRole('radio', { name: 'With a fan' })).toBeChecked({ timeout: 20_000 });
});
