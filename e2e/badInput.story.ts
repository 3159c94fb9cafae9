import { expect, test } from './kitchen';

test('what cannot be planned is a sentence at its field, and nothing typed is lost', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await page.getByLabel('What is to be cooked?').fill('turkey');
  await tap('Turkey, whole');
  const weight = page.getByLabel('Weight', { exact: true });
  for (const [typed, sentence] of [
    ['0', 'The weight must be more than nothing.'],
    ['900', 'More than a home kitchen holds (30 kg). Check the weight.'],
    ['five', 'Digits only, such as 2.4.'],
  ] as const) {
    await weight.fill(typed);
    await expect(page.getByRole('alert').getByText(sentence)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Plan it this way' })).toBeDisabled();
  }
  await weight.fill('5,4');
  await page.getByRole('radio', { name: 'Today' }).click();
  await page.getByLabel('At', { exact: true }).fill('18:00');
  await expect(page.getByText('That time has passed. Choose a later one.')).toBeVisible();
  await expect(weight).toHaveValue('5,4');
  await page.getByRole('radio', { name: 'Wed', exact: true }).click();
  await expect(page.getByText('That time has passed. Choose a later one.')).toHaveCount(0);
  await expect(weight).toHaveValue('5,4');
  // How thick it is nobody said: what heat transfer says of such a bird is too wide for its days, and says so once it is there.
  const refrigerator = page
    .getByRole('radiogroup', { name: 'Ways to thaw' })
    .getByRole('radio', { name: /^Refrigerator.*computed/ });
  await expect(refrigerator).toHaveAccessibleName(/It does not keep that long/);
});

test('a fresh food of unknown age is not planned until somebody says when it was bought', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await page.getByLabel('What is to be cooked?').fill('salmon fillet');
  await tap(/^Salmon/);
  await page.getByLabel('Weight', { exact: true }).fill('0.5');
  await page.getByLabel('Cook, min').fill('20');
  await page.getByRole('radio', { name: 'Fresh' }).click();
  await expect(page.getByRole('radio', { name: /^Fresh On the heat/ })).toBeChecked();
  await page.getByRole('radio', { name: 'Nobody knows' }).click();
  await expect(page.getByText('Nobody knows how old it is.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'No way is left' })).toBeDisabled();
});

test('a reading no kitchen thermometer shows is refused at its field', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await page.getByLabel('Reading', { exact: true }).fill('900');
  await tap('Record');
  await expect(page.getByText('“Probe” shows −40 °C to 250 °C.')).toBeVisible();
});
