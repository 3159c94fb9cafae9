import { LAPTOP } from '../scripts/lib/browser';
import { expect, test } from './kitchen';

test.beforeEach(async ({ page, kitchen }) => {
  await page.setViewportSize(LAPTOP);
  await kitchen.enter();
});

const heading = 'heading' as const;

test('the guide shows a rule beside the list, and a reload keeps it', async ({ kitchen: { page, go } }) => {
  await go('Guide');
  await page.getByRole('link', { name: /^Ground meat/ }).click();
  await expect(page.getByRole(heading, { name: /^Ground meat/, level: 1 })).toBeVisible();
  await expect(page.getByRole(heading, { name: 'Guide', level: 1 })).toBeVisible();
  await page.reload();
  await expect(page.getByRole(heading, { name: /^Ground meat/, level: 1 })).toBeVisible();
});

test('the log is looked through by food, day and what was done, with the food beside it', async ({
  kitchen: { page, go },
}) => {
  await go('Log');
  await page.getByLabel('Look for').fill('soup read today');
  await expect(page.getByText('Read 96 °C')).toBeVisible();
  await expect(page.getByText('Water changed', { exact: true })).toHaveCount(0);
  await expect(page.getByRole(heading, { name: 'Red lentil soup, 4 litres', level: 1 })).toBeVisible();
  await page.getByLabel('Look for').fill('trout');
  await page.getByRole('link', { name: 'Side of trout' }).first().click();
  await expect(page.getByRole(heading, { name: 'Side of trout', level: 1 })).toBeVisible();
  await page.getByLabel('Look for').fill('submarine');
  await expect(page.getByText('Nothing of that kind')).toBeVisible();
});

test('a plan has its food beside it', async ({ kitchen: { page, go } }) => {
  await go('Plan');
  await expect(page.getByRole(heading, { name: 'Side of trout', level: 1 })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Water changed', exact: true })).toBeVisible();
});

test('what is asked stands beside what comes of it', async ({ kitchen: { page, food, tap } }) => {
  await food('Red lentil soup, 4 litres');
  await tap('Will it cool in time?');
  const drawing = page.getByRole('img', { name: /^Cooling/ });
  await expect(drawing).toBeVisible({ timeout: 60_000 });
  const [asked, answer] = [await page.getByText('How many').boundingBox(), await drawing.boundingBox()];
  expect(answer!.x).toBeGreaterThan(asked!.x + 300);
  await page.goto('/household');
  const [guidance, units] = await Promise.all(
    ['Guidance', 'Units'].map((name) => page.getByRole(heading, { name }).boundingBox()),
  );
  expect(units!.x).toBeGreaterThan(guidance!.x + 300);
});
