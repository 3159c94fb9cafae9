import { expect, test } from './kitchen';
import { printed } from './printed';

test('a Sunday’s lunch boxes: what waits in the cold, how it is taken along, and the labels', async ({
  kitchen,
}) => {
  const { page, enter, food, go, tap } = kitchen;
  const worked = page.getByRole('status').first();
  await enter();
  await food('Red lentil soup, 4 litres');
  const soup = page.url();
  await tap('Put leftovers away');
  await tap('Portions: one more');
  await page.getByRole('link', { name: 'Lunch boxes' }).click();

  // Four days are over before the fifth lunch.
  await page.getByLabel('Eaten at').fill('20:00');
  await expect(worked).toContainText('3 into the refrigerator, 2 frozen today');
  await page.getByLabel('Eaten at').fill('12:30');
  await expect(worked).toContainText('4 into the refrigerator, 1 frozen today');
  await expect(page.getByRole('listitem').filter({ hasText: 'frozen today' })).toHaveCount(1);
  // Taken along for a morning: in a room, nobody knows how warm, or with a refrigerator there.
  await expect(worked).toContainText('Too long even in a bag');
  await page.getByLabel('Out of the cold').fill('3.5');
  await page.getByLabel('Air on the way and there').fill('21');
  await expect(worked).toContainText('In an insulated bag between two frozen packs');
  await page.getByLabel('Out of the cold').fill('0.5');
  await expect(worked).toContainText('As it is');
  await page.getByLabel('Eaten at').fill('noon');
  await expect(worked).toContainText('Say when they are eaten');

  // The five portions that were counted are there still; each has its label.
  await page.goto(soup);
  await tap('Put leftovers away');
  await page.getByLabel('How deep in the container').fill('4');
  await tap('Into the refrigerator now');
  await expect(page.getByText(/· 5 portions$/)).toBeVisible();
  await expect(page.getByText('It may be eaten cold too, straight from the refrigerator.')).toBeVisible();
  await page.goto(soup.replace('/food/', '/print/label?of='));
  await page.getByRole('radio', { name: 'A4, 24 of 70 × 37 mm' }).click();
  for (let more = 0; more < 4; more++) await tap('How many: one more');
  const labels = await printed(page);
  expect(labels.text.match(/Use by Tue 16 June 2026/g)).toHaveLength(5);

  // On the day it is heated once, by the hob, and no more than is eaten.
  await go('Stores');
  await page.goto(`${soup}/cook?to=heat`);
  await expect(page.getByText('To a rolling boil, stirred from the bottom up.')).toBeVisible();
  await page.getByRole('radio', { name: 'By microwave' }).click();
  await expect(page.getByText(/^Let it stand 2 min, covered/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Minutes by watts' })).toHaveCount(0);
});
