import { expect, test } from './kitchen';

test('what is typed of a new food survives the way back and a reload, until it is put in', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill('lasagne');
  await tap('Lasagne');
  await page.getByLabel('Weight', { exact: true }).fill('1,3');
  await page.getByRole('radio', { name: 'Freezer' }).click();
  await go('Now');
  await go('Stores');
  await tap('Put something in');
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('1,3');
  await page.reload();
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('1,3');
  await expect(page.getByRole('radio', { name: 'Freezer' })).toBeChecked();
  await tap('Put it in');
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('Put something in');
  await expect(page.getByLabel('What kind of food?')).toBeVisible();
});

test('a form can be started afresh', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Saffron rice');
  await tap('Divide or combine');
  await page.getByLabel('Weight of the part').fill('0,3');
  await page.reload();
  await expect(page.getByLabel('Weight of the part')).toHaveValue('0,3');
  await tap('Start afresh');
  await expect(page.getByLabel('Weight of the part')).toHaveValue('');
  await expect(page.getByText('As you left it.')).toHaveCount(0);
});

test('a plan half made, and a reading not yet recorded, are there after a reload', async ({ kitchen }) => {
  const { page, enter, go, food, tap, later } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Cod fillets/);
  await page.getByLabel('Cook, min').fill('27');
  await page.reload();
  await expect(page.getByLabel('Cook, min')).toHaveValue('27');
  await tap('Another food');
  await expect(page.getByRole('button', { name: /^Cod fillets/ })).toBeVisible();

  await food('Saffron rice');
  await tap('Log a reading');
  await page.getByLabel('Reading', { exact: true }).fill('3.5');
  await page.reload();
  await expect(page.getByLabel('Reading', { exact: true })).toHaveValue('3.5');
  // What the thermometer showed a quarter of an hour ago is no reading of now.
  await later(15);
  await expect(page.getByLabel('Reading', { exact: true })).toHaveValue('');
});
