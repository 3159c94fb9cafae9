import { expect, test } from './kitchen';

test('a food that was entered wrongly is set right: its name, kind and weight', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await page.getByRole('button', { name: /fresh, in the refrigerator/ }).click();
  await tap('Set right what it is');
  await tap('Another kind');
  await page.getByLabel('What kind of food is it?').fill('turkey breast');
  await tap(/^Turkey breast/);
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue(/^Turkey breast/);
  await page.getByLabel('Name', { exact: true }).fill('Breast for Sunday');
  await page.getByLabel('Weight', { exact: true }).fill('1,5');
  await tap('Set it right');
  await expect(page.getByRole('heading', { name: 'Breast for Sunday', level: 1 })).toBeVisible();
  await expect(page.getByText(/1\.5 kg/).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Breast for Sunday', level: 1 })).toBeVisible();
});

test('a reading in the wrong unit is set right where it was noted, and on another day', async ({
  kitchen,
}) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Saffron rice');
  await tap('Log a reading');
  await page.getByLabel('Reading', { exact: true }).fill('4');
  await tap('Record');
  await food('Saffron rice');
  await page.getByRole('button', { name: /Read 4 °C/ }).click();
  await page.getByLabel('It read').fill('6');
  await tap('Set the reading');
  await expect(page.getByRole('button', { name: /Read 6 °C/ })).toBeVisible();
  await page.getByRole('button', { name: /Read 6 °C/ }).click();
  await page.getByLabel('At', { exact: true }).fill('19:01');
  await tap('Set the time');
  await expect(page.getByRole('button', { name: /^19:01 Read 6 °C/ })).toBeVisible();

  // A day on which the food was not here yet is refused, and the entry stands as it was.
  await page.getByRole('button', { name: /Read 6 °C/ }).click();
  await page.getByRole('radiogroup', { name: 'It was on' }).getByRole('radio').last().click();
  await tap('Set the time');
  await expect(page.getByText(/The food was not there yet/)).toBeVisible();
});

test('raw food that was left out is said to have been, and put back', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('It was left out');
  await page.getByRole('radio', { name: '1 h ago' }).click();
  await tap('Back in the refrigerator now');
  await expect(page.getByRole('button', { name: /^18:02 Put on the counter/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^19:02 Put in the refrigerator/ })).toBeVisible();
  await expect(page.getByText('1 h left', { exact: true })).toBeVisible();
  await tap('Undo');
  await expect(page.getByRole('button', { name: /Put on the counter/ })).toHaveCount(0);
});

test('some portions are eaten, and the rest stays', async ({ kitchen }) => {
  const { page, enter, food, tap, go } = kitchen;
  await enter();
  await food('Tray of aubergine bake');
  await tap('Eaten');
  await page.waitForTimeout(1000);
  await tap('2 portions eaten');
  await expect(page.getByText('Tray of aubergine bake: 2 portions eaten, 19:02')).toBeVisible();
  await expect(page.getByText(/4 portions/)).toBeVisible();
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Tray of aubergine bake/ })).toHaveCount(1);
});

test('a refrigerator’s reading and a power cut can be taken back', async ({ kitchen }) => {
  const { page, enter, tap, go } = kitchen;
  await enter();
  await go('Stores');
  await page.getByRole('radio', { name: 'By place' }).click();
  await tap('Read it: the refrigerator’s temperature');
  await page.getByLabel('Air of the refrigerator').fill('14');
  await tap(/^Record$/);
  await expect(page.getByText(/^14 °C at 19:02 today: too warm/)).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('Undo');
  await expect(page.getByText(/^14 °C/)).toHaveCount(0);

  await tap('Power cut');
  await page.getByLabel('No power since').fill('18:30');
  await tap('Record the power cut');
  await expect(page.getByRole('heading', { name: 'The power is off since 18:30' })).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('The power is back');
  await expect(page.getByRole('heading', { name: /^The power is off/ })).toBeHidden();
  await page.waitForTimeout(1000);
  await tap('Undo');
  await expect(page.getByRole('heading', { name: 'The power is off since 18:30' })).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('It never was off');
  await expect(page.getByRole('heading', { name: /^The power is off/ })).toBeHidden();
});
