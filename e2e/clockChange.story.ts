import { openStage } from '../scripts/lib/stage';
import { expect, test as base } from './kitchen';

/** The story opens on the evening before the clocks go back in Lisbon: between it and the supper lie 25 hours of a day. */
const test = base.extend({
  baseURL: async ({}, use) => {
    const stage = await openStage('2026-10-24T10:00:00Z', 'Europe/Lisbon');
    await use(stage.address);
    await stage.stop();
  },
});

test('the night the clocks go back lies before a supper: it stays at seven by the wall, and thaws no hour less', async ({
  kitchen,
}) => {
  const { page, enter, later, tap } = kitchen;
  await enter();
  await expect(page.getByText('Saturday 24 October, 19:02')).toBeVisible();
  const openSupper = async () => {
    await page.goto('/plan');
    await page.getByRole('link', { name: /^Crew supper/ }).click();
    await page.waitForTimeout(1200);
  };
  await openSupper();
  await expect(page.getByText('9 at the table tomorrow 19:00, on time')).toBeVisible();
  // As long as in any other night, so an hour earlier by the wall.
  await expect(page.getByText('08:40', { exact: true }).first()).toBeVisible();

  // The night has an hour more.
  await later(14 * 60 + 43);
  await page.goto('/now');
  await expect(page.getByText('Sunday 25 October, 08:45')).toBeVisible();
  await tap('Thawed: Leg of lamb: feel for ice');
  await openSupper();
  await expect(page.getByText('9 at the table 19:00, on time')).toBeVisible();
  // A time that is typed is the wall's.
  await tap(/^Prepare Tomato salad/);
  await page.getByLabel('Begin it at').fill('18:00');
  await tap('Keep this time');
  await expect(page.getByRole('button', { name: /^Prepare Tomato salad, .*18:00$/ })).toBeVisible({
    timeout: 20_000,
  });
});
