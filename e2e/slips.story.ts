import { expect, rest, test } from './kitchen';

test('a figure in the other unit is asked about before it is kept', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await tap('Cook it');
  // What comes to stand under a finger is not pressed by it.
  await page.waitForTimeout(1000);
  await tap('It is on the heat');
  await expect(page.getByText(/^On the heat since/)).toBeVisible();
  const reading = page.getByLabel('Reading', { exact: true });
  await reading.fill('165');
  await tap('Record');
  await expect(page.getByText('165 °C? Did you mean 165 °F?')).toBeVisible();
  await expect(page.getByText('Target met.')).toBeHidden();
  // What is changed since then is asked about anew: an answer keeps nothing but what is seen.
  await page.getByRole('radio', { name: /Another piece/ }).click();
  await expect(page.getByText('165 °C? Did you mean 165 °F?')).toBeHidden();
  await page.waitForTimeout(1000);
  await tap('Record');
  // Somebody who reads the question takes a moment.
  await page.waitForTimeout(1000);
  await tap('165 °F');
  await expect(page.getByText(/another piece read 165 °F/).first()).toBeVisible();
});

test('what is typed is converted when units switch, and never read anew', async ({ kitchen }) => {
  const { page, enter, food, tap, go } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  const reading = page.getByLabel('Reading', { exact: true });
  await reading.fill('74');
  await page.getByRole('radio', { name: '°F' }).click();
  await expect(reading).toHaveValue('165.2');
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill('lentil soup');
  await tap('Lentil soup');
  await page.getByLabel('Weight', { exact: true }).fill('2');
  await rest(page, page.getByText('kg', { exact: true }));
  await tap('Show °F and pounds');
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('4.41');
});

test('five hundred kilograms of mince are asked about', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill('ground beef');
  await tap('Ground beef');
  await page.getByLabel('Weight', { exact: true }).fill('500');
  await tap('Put it in');
  await expect(page.getByText('500 kg? Did you mean 500 g?')).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('500 g');
  await expect(page.getByText(/: put in/)).toBeVisible();
  await expect(page.getByText(/500 g/).first()).toBeVisible();
});
