import { expect, test, type Kitchen } from './kitchen';

const into = async ({ page, tap, go }: Kitchen, kind: string, weight: string) => {
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill(kind);
  await page.getByRole('button', { name: kind, exact: true }).click();
  await page.getByLabel('Weight').fill(weight);
};
const choose = ({ page }: Kitchen, group: string, option: string) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name: option }).click();

test('what is carried home in a cold bag is asked for a reading, and one settles it', async ({ kitchen }) => {
  const { page, tap, enter, food, later, ruling } = kitchen;
  await enter();
  await into(kitchen, 'Chicken breasts, boneless', '0.6');
  await choose(kitchen, 'Where it goes', 'On the way home');
  await choose(kitchen, 'In an insulated bag with two frozen packs or more', 'Yes');
  await tap('Put it in');
  await later(150);
  await food('Chicken breasts, boneless');
  await ruling('Cannot tell');
  await expect(page.getByText(/when it came home\?/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Log a reading' }).last().click();
  await page.getByLabel('Reading', { exact: true }).fill('3');
  await tap('Record');
  await food('Chicken breasts, boneless');
  await tap('To the refrigerator');
  await ruling('Fine');
});

test('a can keeps closed in the cupboard, and its days begin when it is opened', async ({ kitchen }) => {
  const { page, tap, enter, food, later, ruling } = kitchen;
  await enter();
  await into(kitchen, 'Beans, canned', '0.4');
  await choose(kitchen, 'Where it goes', 'Cupboard');
  await tap('Put it in');
  await later(20 * 24 * 60);
  await food('Beans, canned');
  await ruling('Fine');
  await expect(page.getByText('Keeps closed, to its printed date.').first()).toBeVisible();
  await tap('Opened');
  await ruling('Act by');
  await tap('To the refrigerator');
  await ruling('Fine');
  await tap('Label');
  await expect(page.getByRole('group', { name: /^Label/ })).toContainText('Use by');
  await tap('It is labelled');
  await expect(page.getByRole('heading', { name: 'Beans, canned', level: 1 })).toBeVisible();
});

test('a gap nobody can account for asks one question, and warm air counts double', async ({ kitchen }) => {
  const { page, tap, enter, food, ruling } = kitchen;
  await enter();
  await food('Saffron rice');
  await tap('On the table');
  await expect(page.getByText(/^Each minute here counts once/)).toBeVisible();
  await page.getByLabel('Air there').fill('34');
  await tap('Note the air');
  await expect(page.getByText('Warm air: each minute here counts × 2.')).toBeVisible();
  await tap('To the refrigerator');
  await tap('Nobody knows where it was for a while');
  await tap('4 h ago');
  await ruling('Cannot tell');
  await expect(page.getByText(/^Was it in the cold from/).first()).toBeVisible();
});

test('an entry that was another food’s goes there, at its time', async ({ kitchen }) => {
  const { page, tap, enter, food } = kitchen;
  await enter();
  await food('Tray of aubergine bake');
  await tap('On the table');
  await page.getByRole('button', { name: /Put on the table/ }).click();
  await tap('It was another food');
  await tap('Fish pie, half a tray');
  await expect(page.getByText('In the refrigerator since', { exact: false }).first()).toBeVisible();
  await food('Fish pie, half a tray');
  await expect(page.getByText('On the table since', { exact: false }).first()).toBeVisible();
});

test('a food of the household’s own is kept for the next time, found in the guide, and forgotten', async ({
  kitchen,
}) => {
  const { page, tap, enter, go } = kitchen;
  await enter();
  await into(kitchen, 'Cooked rice', '1');
  await page.getByLabel('Name', { exact: true }).fill('Launch-day pilaf');
  await page.getByLabel('Also in it').fill('chicken stew');
  await page
    .getByRole('button', { name: /^Chicken stew|^Chicken/ })
    .first()
    .click();
  await tap('Keep “Launch-day pilaf” for the next time');
  await expect(page.getByText('Kept among your own foods.')).toBeVisible();
  await go('Guide');
  await page.getByLabel('Find a number').fill('pilaf');
  await expect(page.getByText('Launch-day pilaf')).toBeVisible();
  await expect(page.getByText('Cook to').first()).toBeVisible();
  await go('Plan');
  await tap('New plan');
  await tap('Launch-day pilaf');
  await expect(page.getByRole('heading', { name: 'Launch-day pilaf', level: 1 })).toBeVisible();
  await go('Stores');
  await tap('Put something in');
  await tap('Start afresh');
  await tap('Launch-day pilaf');
  await expect(page.getByText(/^Ruled as Cooked rice/)).toBeVisible();
  await page.goBack();
  await go('Stores');
  await tap('Put something in');
  await tap('Start afresh');
  await tap('Forget Launch-day pilaf');
  await expect(page.getByRole('button', { name: 'Launch-day pilaf', exact: true })).toBeHidden();
  await tap('Bring back Launch-day pilaf');
  await expect(page.getByRole('button', { name: 'Launch-day pilaf', exact: true })).toBeVisible();
});

test('a ruling is said in the same words in the list, on the food’s page, and on Now', async ({
  kitchen,
}) => {
  const { page, enter, go, food, later } = kitchen;
  await enter();
  await later(24 * 60);
  await go('Stores');
  const rows = page.getByRole('main').getByRole('link', { name: /(Throw away|Cannot tell)$/ });
  await expect(rows.nth(2)).toBeVisible();
  const said = await Promise.all((await rows.all()).map((row) => row.innerText()));
  for (const text of said.slice(0, 3)) {
    const [name, headline] = text.split('\n');
    await food(name!);
    await expect(page.getByText(headline!, { exact: true }).first()).toBeVisible();
    await go('Now');
    const main = page.getByRole('main');
    await expect(main).toContainText(name!);
    await expect(main).toContainText(headline!);
  }
});
