import { expect, test } from './kitchen';

/** Longer than a tap: what opens under a finger is not pressed by it. */
const SETTLED_MS = 1000;

test('a buffet: a bake kept hot is checked in two places; one slumps, and is not saved by its warm middle', async ({
  kitchen,
}) => {
  const { page, enter, food, later, tap, ruling } = kitchen;
  const act = async (name: string) => {
    await page.waitForTimeout(SETTLED_MS);
    await tap(name);
  };
  const check = async (value: string, duty: string, done: 'Yes' | 'No') => {
    await page.waitForTimeout(SETTLED_MS);
    await page.getByLabel('Reading', { exact: true }).fill(value);
    await page.getByRole('radiogroup', { name: duty }).getByRole('radio', { name: done }).click();
    await tap('Record');
  };
  await enter();
  await food('Tray of aubergine bake');
  await page.goto(`${page.url()}/cook?to=heat`);
  await act('It is on the heat');
  await page.getByLabel('Reading', { exact: true }).fill('80');
  await act('Record');
  await expect(page.getByText('Target met.')).toBeVisible();
  await act('Keep it hot');
  await expect(page.getByText('Kept hot: at least')).toBeVisible();

  // The first check: one place, and the second it asks for; the lid lies beside it.
  await later(100);
  await check('66', 'Covered', 'No');
  await expect(page.getByText('Now read a second place.')).toBeVisible();
  await expect(page.getByText('Cover it.')).toBeVisible();
  await check('65', 'Covered', 'Yes');
  await expect(page.getByText('As it should be.')).toBeVisible();
  await expect(page.getByText('Cover it.')).toBeHidden();
  await expect(page.getByRole('radio', { name: /65 °C at .*, there/ })).toBeVisible();

  // The second: its middle is hot yet, its rim is not.
  await later(100);
  await check('66', 'Stirred', 'Yes');
  await check('52', 'Stirred', 'Yes');
  await expect(page.getByText('It got below hot. Heat it through, or chill it.')).toBeVisible();
  await page.goto(page.url().replace(/\/cook.*/, ''));
  // It had its one reheat already; its clock runs besides.
  await ruling('Use now, don’t keep');
  await expect(page.getByText(/^Out of heat and cold/).first()).toBeVisible();
  await expect(page.getByText(/65 °C.*, covered/).first()).toBeVisible();
});

test('cold food on ice asks for its check after four hours, and a warm place counts from when it was last cold', async ({
  kitchen,
}) => {
  const { page, enter, food, later, tap } = kitchen;
  await enter();
  await food('Saffron rice');
  await page.waitForTimeout(SETTLED_MS);
  await tap('On ice');
  await expect(page.getByText(/Kept cold on ice\. Read it by/).first()).toBeVisible();
  await later(4 * 60 + 1);
  await expect(page.getByText(/It is kept on ice, and nobody has read it since/).first()).toBeVisible();
  await tap('Check it');
  await page.waitForTimeout(SETTLED_MS);
  await page.getByLabel('Reading', { exact: true }).fill('3.5');
  await page
    .getByRole('radiogroup', { name: 'Ice level with it' })
    .getByRole('radio', { name: 'No' })
    .click();
  await tap('Record');
  await expect(page.getByText('More ice, level with it.')).toBeVisible();
  await page.waitForTimeout(SETTLED_MS);
  await page.getByLabel('Reading', { exact: true }).fill('11');
  await tap('Record');
  // Nobody had read that place since it went on the ice, and four hours are too long for every school.
  await expect(page.getByText('Throw it away.').first()).toBeVisible();
});
