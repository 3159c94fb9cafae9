import type { Page } from '@playwright/test';
import { secondPhone } from './atTheDoor';
import { expect, test } from './kitchen';

/** Long enough for a page that stands to listen. */
const LISTENS_MS = 1500;

test('what one phone records is on the other at once, with a word of it; what was missed without a network comes after', async ({
  kitchen,
  browser,
}) => {
  const { page, tap, enter, food } = kitchen;
  await enter();
  await food('Red lentil soup');
  const phone = await secondPhone(kitchen, browser, new URL(page.url()).pathname);
  await expect(phone.getByText(/^On the counter since 18:40/)).toBeVisible();
  await phone.waitForTimeout(LISTENS_MS);

  await tap('Taken outdoors');
  await expect(phone.getByText(/^Elsewhere: Red lentil soup/)).toBeVisible();
  await expect(phone.getByText(/^Outdoors since 19:02/)).toBeVisible();
  // Who did it is not told of it.
  await expect(page.getByText(/^Elsewhere/)).toHaveCount(0);

  // Without a network nothing comes; with it, all that was missed does.
  await phone.context().setOffline(true);
  await food('Chicken thighs');
  await tap('Throw away');
  await expect(page.getByText('Chicken thighs: thrown away')).toBeVisible();
  await phone.waitForTimeout(LISTENS_MS);
  await phone.context().setOffline(false);
  await expect(phone.getByText(/^Elsewhere: Chicken thighs\. Thrown away$/)).toBeVisible();
  await phone.context().close();
});

test('what one changes of the household is with the others at once', async ({ kitchen, browser }) => {
  const { page, enter } = kitchen;
  await enter();
  await page.goto('/household');
  const phone = await secondPhone(kitchen, browser, '/household');
  const added = (of: Page) => of.getByRole('button', { name: 'Remove Kim from the table' });
  await expect(phone.getByLabel('Somebody who eats here')).toBeVisible();
  await phone.waitForTimeout(LISTENS_MS);
  await page.getByLabel('Somebody who eats here').fill('Kim');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(added(page)).toBeVisible();
  await expect(added(phone)).toBeVisible();
  await phone.context().close();
});

test('tabs of one browser share one stream, and go on when the one that listened is closed', async ({
  kitchen,
}) => {
  const { page, enter, tap, food } = kitchen;
  const context = page.context();
  const streams: string[] = [];
  context.on('request', (request) => {
    if (request.url().includes('/api/live')) streams.push(request.url());
  });
  await enter();
  const [second, third] = [await context.newPage(), await context.newPage()];
  await second.goto('/log');
  await third.goto('/log');
  await expect(third.getByRole('heading', { name: 'Log', level: 1 })).toBeVisible();
  await third.waitForTimeout(LISTENS_MS);
  expect(streams).toHaveLength(1);
  await page.goto('about:blank');
  await third.waitForTimeout(LISTENS_MS);
  expect(streams).toHaveLength(2);
  await second.close();
  await page.bringToFront();
  await page.goto('/stores');
  await food('Chicken thighs');
  await tap('Throw away');
  await expect(third.getByText('Thrown away').first()).toBeVisible();
});

test('two who tick the same step at once have ticked it once, and each hears of the other', async ({
  kitchen,
  browser,
}) => {
  const { page, enter } = kitchen;
  await enter();
  const phone = await secondPhone(kitchen, browser, '/now');
  const step = (of: Page) => of.getByRole('heading', { name: /^Change the water, / });
  await expect(step(phone)).toHaveText('Change the water, 2nd of 3');
  await phone.waitForTimeout(LISTENS_MS);
  const tick = (of: Page) => of.getByRole('button', { name: 'Water changed' }).first().click();
  await Promise.all([tick(page), tick(phone)]);
  for (const each of [page, phone]) {
    await expect(each.getByText(/^Elsewhere: .*\. Water changed$/)).toBeVisible();
    await expect(step(each)).toHaveText('Change the water, 3rd of 3');
  }
  await phone.context().close();
});
