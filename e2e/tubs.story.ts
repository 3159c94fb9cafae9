import { expect, test } from './kitchen';
import { printed } from './printed';

test('a batch at hand: what is eaten in its days stays, the rest is frozen in tubs, each with its label', async ({
  kitchen,
}) => {
  const { page, enter, food, tap, ruling } = kitchen;
  const worked = page.getByRole('status').first();
  await enter();
  await food('Red lentil soup, 4 litres');
  const soup = page.url();
  await tap('Put leftovers away');
  for (let more = 0; more < 5; more++) await tap('Portions: one more');
  await page.getByLabel('How deep in the container').fill('4');
  await tap('Into the refrigerator now');
  await page.goto(soup);
  await expect(page.getByRole('heading', { name: 'Red lentil soup, 4 litres', level: 1 })).toBeVisible();
  await page.getByRole('button', { name: 'Freeze in tubs' }).click();

  // It is this soup, with its portions and the days it has left.
  await expect(page.getByRole('radio', { name: 'Red lentil soup, 4 litres' })).toBeChecked();
  await expect(page.getByText(/^By its own trail it keeps until/)).toBeVisible();
  await expect(page.getByText('There are 9 portions, as it was put away.')).toBeVisible();
  await page.getByLabel('In a tub').fill('none');
  await expect(page.getByRole('button', { name: /^Freeze the tub/ })).toHaveCount(0);
  await page.getByLabel('In a tub').fill('2');
  await expect(worked).toContainText('Freeze 2 tubs today');
  await tap('Freeze the tubs, with labels');

  await expect(page.getByRole('heading', { name: 'Labels', level: 1 })).toBeVisible();
  const labels = await printed(page);
  expect(labels.text.match(/Frozen/g)).toHaveLength(2);
  expect(labels.text).toContain('Red lentil soup, 4 litres, tub 2');
  expect(labels.text.match(/Use by/g)).toHaveLength(1);

  // Gone back to, it is what is left that is asked about, and none of it is frozen again.
  await page.goBack();
  await expect(page.getByText('There are 6 portions, as it was put away.')).toBeVisible();
  await expect(worked).toContainText('Freeze none');
  await expect(page.getByRole('button', { name: 'Its label' })).toBeVisible();

  // What stays is less by them, and they are in the freezer.
  await page.goto(soup);
  await expect(page.getByText(/· 6 portions/)).toBeVisible();
  await food('Red lentil soup, 4 litres, tub 1');
  await ruling('Fine');
  await expect(page.getByText(/· 2 portions/)).toBeVisible();
});
