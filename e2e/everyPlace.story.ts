import { expect, test, type Kitchen } from './kitchen';

const putIn = async ({ page, go, tap }: Kitchen, kind: string, weight: string) => {
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill(kind);
  await page.getByRole('button', { name: kind, exact: true }).click();
  await page.getByLabel('Weight', { exact: true }).fill(weight);
};
const choose = ({ page }: Kitchen, group: string, option: string) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option, exact: true }).click();

test('a stuffed bird is done when its breast, its thigh and its stuffing are', async ({ kitchen }) => {
  const { page, enter, tap, food, ruling } = kitchen;
  const read = async (degrees: string) => {
    await page.getByLabel('Reading', { exact: true }).fill(degrees);
    await tap('Record');
  };
  await enter();
  await putIn(kitchen, 'Turkey, whole, stuffed', '5');
  await tap('Put it in');
  await food('Turkey, whole, stuffed');
  await tap('Log a reading');
  await tap('Cook it');
  await tap('It is on the heat');

  // What not to touch and where each place lies is drawn, and said to those who cannot see it.
  await expect(
    page.getByRole('img', { name: /^A stuffed bird, from the side\. Touch no bone/ }),
  ).toBeVisible();
  await expect(page.getByText('Of the breast.')).toBeVisible();
  await read('76');
  await expect(page.getByText('Now read the inner thigh.')).toBeVisible();
  await read('76');
  await expect(page.getByText('Now read the stuffing.')).toBeVisible();
  // A place is chosen on the drawing as well as in the list.
  await page.getByRole('button', { name: 'Read stuffing' }).click();
  await expect(page.getByRole('radio', { name: /Stuffing/ })).toBeChecked();
  await read('71.6');
  await expect(page.getByText('2.3 °C to go. Keep cooking.')).toBeVisible();
  await expect(page.getByRole('radio', { name: /Stuffing/ })).toContainText('71.6 °C at 19:02, not yet');
  await read('75');
  await expect(page.getByText('Target met.')).toBeVisible();

  // A lower reading undoes its place.
  await page.getByRole('radio', { name: /Breast/ }).click();
  await read('70');
  await expect(page.getByText('3.9 °C to go. Keep cooking.')).toBeVisible();
  await food('Turkey, whole, stuffed');
  await ruling('Fine');
  await expect(page.getByText('On the heat, to 74 °C.')).toBeVisible();
});

test('a dish a guest brought: since when it was out is asked, and it is heated before anybody eats it', async ({
  kitchen,
}) => {
  const { page, enter, tap, food, later, ruling } = kitchen;
  await enter();
  await putIn(kitchen, 'Lasagne', '1.2');
  await page.getByLabel('Name', { exact: true }).fill('Neighbour’s lasagne');
  await choose(kitchen, 'Where it goes', 'Counter');
  await choose(kitchen, 'From', 'A guest');
  await page.getByLabel('Off the heat there at').fill('half past');
  await tap('Put it in');
  await expect(page.getByText('A time such as 19:00.')).toBeVisible();
  await page.getByLabel('Off the heat there at').fill('');
  await tap('Put it in');
  await food('Neighbour’s lasagne');
  await ruling('Cannot tell');
  await expect(page.getByText('Cannot tell: when did it leave the heat there?').first()).toBeVisible();
  await page.getByLabel('Off the heat there at').fill('18:02');
  await tap('Say so');
  await ruling('Act by');
  await expect(page.getByText('Heat it to 74 °C before anybody eats it.').first()).toBeVisible();
  // It counts from when it left the heat there, an hour ago.
  await later(61);
  await ruling('Throw away');
});

test('a printed use-by is never exceeded, and counts its days from the opening of the pack', async ({
  kitchen,
}) => {
  const { page, enter, tap, food, later, ruling } = kitchen;
  await enter();
  await putIn(kitchen, 'Hot dogs, opened', '0.4');
  await choose(kitchen, 'Date printed on it', 'Use by');
  await page.getByLabel('Printed date').fill('soon');
  await tap('Put it in');
  await expect(page.getByText('A date such as 2026-06-15.')).toBeVisible();
  await page.getByLabel('Printed date').fill('2026-06-30');
  await choose(kitchen, 'Its pack', 'Closed yet');
  await tap('Put it in');
  await later(10 * 24 * 60);
  await food('Hot dogs, opened');
  await ruling('Fine');
  await expect(page.getByText('Use by Tuesday 30 June.').first()).toBeVisible();
  await tap('Opened');
  await later(8 * 24 * 60);
  await ruling('Throw away');
});

test('what needs no cold keeps in the cupboard, and has no clock', async ({ kitchen }) => {
  const { page, enter, tap, food, later, ruling } = kitchen;
  await enter();
  await putIn(kitchen, 'Jam', '0.4');
  await choose(kitchen, 'Where it goes', 'Cupboard');
  await tap('Put it in');
  await later(30 * 24 * 60);
  await food('Jam');
  await ruling('Fine');
  await expect(page.getByText('Keeps, for as long as it tastes.').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Heat it' })).toHaveCount(0);
});
