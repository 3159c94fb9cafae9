import { expect, test } from './kitchen';

test('a sanitiser of unknown strength, then one that is known, by spoons and by litres', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  const worked = page.getByRole('status');
  await enter();
  await go('Guide');
  await page.getByRole('textbox', { name: 'Find a number' }).fill('bleach');
  await page.getByRole('link', { name: 'Sanitiser: bleach and water' }).click();
  await expect(page.getByRole('heading', { name: 'Sanitiser', level: 1 })).toBeVisible();
  await expect(page.getByText('Say what the bottle holds')).toBeVisible();

  // A tablespoon in a gallon, as it is said everywhere.
  const choose = (group: string, option: string) =>
    page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option, exact: true }).click();
  await choose('Strength on the bottle', 'Nobody knows');
  await page.getByLabel('Bleach', { exact: true }).fill('1');
  await choose('Bleach: measure', 'tbsp');
  await choose('Water: measure', 'gal');
  await expect(worked).toContainText('Cannot tell: it depends on the bottle');
  await expect(worked).toContainText('117 to 321 ppm');
  await expect(
    page.getByText('For 1 gal of water take 0.43 to 0.62 tbsp of bleach, whatever the bottle.'),
  ).toBeVisible();
  await choose('Strength on the bottle', 'It says');
  await page.getByLabel('Sodium hypochlorite').fill('5,25');
  await expect(worked).toContainText('204 ppm');
  await expect(worked).toContainText('Too strong for what food touches');
  await page.getByLabel('Bleach', { exact: true }).fill('0,5');
  await expect(worked).toContainText('Right for boards, knives and counters');
  await page.getByLabel('Sodium hypochlorite').fill('52');
  await expect(page.getByText('Bleach for a household has more than 0 and at most 15 %.')).toBeVisible();
  await page.getByLabel('Sodium hypochlorite').fill('5.25');

  // It is remembered, and a mix grows old by the kitchen's clock.
  await tap('Mixed just now');
  await expect(page.getByText(/^Mixed \d\d:\d\d, good until/)).toBeVisible();
  await kitchen.later(23 * 60);
  await expect(worked).toContainText('102 ppm');
  await expect(page.getByText(/^Mixed \d\d:\d\d, good until/)).toBeVisible();
  await kitchen.later(2 * 60);
  await expect(page.getByText('It is older than a day: mix it anew.')).toBeVisible();
  await tap(/^Wet for/);
  await expect(page.getByRole('timer')).toContainText(/[56]\d s/);

  // The rule leads to it as well.
  await page.getByRole('link', { name: 'Sanitiser for boards and knives: rule and source' }).click();
  await page.getByRole('link', { name: 'Work it out: Sanitiser: bleach and water' }).click();
  await expect(page.getByRole('heading', { name: 'Sanitiser', level: 1 })).toBeVisible();
});

test('a bird for eleven: how much to buy, and how many one feeds that is there', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  const worked = page.getByRole('status');
  await enter();
  await go('Guide');
  await page.getByRole('textbox', { name: 'Find a number' }).fill('turkey');
  await page.getByRole('link', { name: 'Servings: how much to buy' }).click();
  await expect(page.getByRole('heading', { name: 'Servings', level: 1 })).toBeVisible();
  const people = page.getByRole('button', { name: 'People: one more' });
  for (let more = 0; more < 20 && !(await worked.innerText()).includes('11 portions'); more++)
    await people.click();
  await expect(worked).toContainText('11 portions');
  await tap('Portions to be left: one more');
  await tap('Second helpings: one more');
  await expect(worked).toContainText('13 portions');
  await expect(worked).toContainText(/5\.9 kg to 8\.85 kg/);
  await page.getByRole('radio', { name: 'How many it feeds' }).click();
  await page.getByLabel('Weight', { exact: true }).fill('x');
  await expect(page.getByText('Digits only, such as 2.4.')).toBeVisible();
  await page.getByLabel('Weight', { exact: true }).fill('6');
  await expect(worked).toContainText('8 to 13 people');
  // It is remembered, and leads to its rule.
  await page.reload();
  await expect(worked).toContainText('8 to 13 people');
  await page.getByRole('link', { name: 'Rule and source' }).click();
  await expect(page.getByRole('heading', { name: 'Whole bird', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Servings: how much to buy' })).toBeVisible();
});
