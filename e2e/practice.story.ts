import { expect, test } from './kitchen';

test('a round of five lives nobody had, each ruled and explained, and what was missed is remembered', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Guide');
  await tap('Practice');
  await page.getByRole('radio', { name: 'Service code' }).click();
  for (let asked = 1; asked <= 5; asked++) {
    await expect(page.getByText(`${asked} of 5: food that nobody had`)).toBeVisible();
    await tap(asked % 2 ? 'Cannot tell' : 'Throw away');
    // Whoever is right is asked what now.
    const what = page.getByRole('group', { name: 'What now?' });
    const ruled = page.getByText(/^So it is ruled\.$|^You said: .* It is ruled otherwise\.$/);
    await expect(what.or(ruled)).toBeVisible();
    if (await what.isVisible()) await what.getByRole('button').first().click();
    await expect(ruled).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Why' })).toBeVisible();
    await expect(page.getByRole('link', { name: /^Rule and source: / }).first()).toBeVisible();
    // The same tap again answers nothing more, and skips nothing.
    await tap(asked < 5 ? 'Next' : 'End of the round');
  }
  await expect(page.getByText('The round is over')).toBeVisible();
  const kept = await page.evaluate(() =>
    Object.entries(localStorage).find(
      ([key]) => key.startsWith('omtel.remembered.') && key.endsWith('.drill'),
    ),
  );
  expect(Object.values(JSON.parse(kept![1]) as Record<string, number>).some((missed) => missed > 0)).toBe(
    true,
  );
  // Nothing of it is the household's.
  const { foods } = await (await page.request.get('/api/foods')).json();
  expect(foods.some(({ state }: { state: { foodId: string } }) => state.foodId.startsWith('00000000'))).toBe(
    false,
  );
  // Whoever says that something has to be done, and is right, is asked by when; of what is eaten or nobody can tell of, what now.
  for (const [verdict, asks] of [
    ['Act by', 'By when?'],
    ['Cannot tell', 'What now?'],
  ] as const) {
    const then = page.getByRole('group', { name: asks });
    await page.goto('/guide/drill');
    for (let round = 0; round < 8 && !(await then.isVisible()); round++) {
      if (round > 0) await tap('Another five');
      for (let asked = 1; asked <= 5; asked++) {
        await expect(page.getByText(`${asked} of 5: food that nobody had`)).toBeVisible();
        await tap(verdict);
        if (await then.isVisible()) break;
        await tap(asked < 5 ? 'Next' : 'End of the round');
      }
    }
    await then.getByRole('button').last().click();
    await expect(page.getByText(/^So it is ruled\.$|^You said: .*\. It is ruled otherwise\.$/)).toBeVisible();
  }
});
