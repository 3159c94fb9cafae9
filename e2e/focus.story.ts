import type { Page } from '@playwright/test';
import { expect, test } from './kitchen';

/** What has the focus: its name, and whether it stands in the part of the page that is not the bar of places. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const { activeElement: at } = document;
    return {
      name: at?.getAttribute('aria-label') ?? at?.textContent ?? '',
      level: at?.getAttribute('aria-level') ?? null,
      inMain: at?.closest('[role=main]') !== null,
    };
  });

test('after an act by the keys the next one is near, though the button is gone', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await tap('Cook it');
  const onTheHeat = page.getByRole('button', { name: 'It is on the heat' });
  await onTheHeat.focus();
  await page.keyboard.press('Enter');
  await expect(onTheHeat).toHaveCount(0);
  expect(await focused(page)).toMatchObject({ inMain: true });
});

test('a page opened by the keys begins at its heading, and so does the one gone back to', async ({
  kitchen,
}) => {
  const { page, enter, go } = kitchen;
  await enter();
  await go('Stores');
  await page.getByRole('link', { name: /^Chicken thighs/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Chicken thighs', level: 1 })).toBeFocused();
  await page.keyboard.press('Tab');
  expect(await focused(page)).toMatchObject({ inMain: true });
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeFocused();
});

test('who presses an empty spot is not led back', async ({ kitchen }) => {
  const { page, enter, go } = kitchen;
  await enter();
  await go('Log');
  await page.getByLabel('Look for').focus();
  await page.getByRole('heading', { name: 'Log', level: 1 }).click();
  await page.getByRole('main').evaluate((main) => main.append(document.createElement('i')));
  expect(await page.evaluate(() => document.activeElement === document.body)).toBe(true);
});
