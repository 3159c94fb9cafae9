import { expect, test } from './kitchen';

test('what was thrown away and why, what nearly was, and what would have kept most of it', async ({
  kitchen,
}) => {
  const { page, enter, food, go, tap } = kitchen;
  const main = page.getByRole('main');
  await enter();
  await food('Tub without a date');
  await tap('Throw away');
  await food('Fish pie, half a tray');
  await tap('Eaten');
  await tap('1 portion eaten');
  await go('Log');
  await page.getByRole('link', { name: 'Looking back' }).click();
  await expect(main.getByText('eaten,').first()).toBeVisible();
  const thrown = main.getByRole('listitem').filter({ hasText: 'Tub without a date' });
  await expect(thrown).toContainText('Nobody knew since when.');
  await expect(main.getByRole('listitem').filter({ hasText: 'Fish pie, half a tray' })).toContainText(
    'A day later its days were over.',
  );
});
