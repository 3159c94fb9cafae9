import { expect, test } from './kitchen';

const DAY = 24 * 60;

test('the refrigerator left open overnight: every food asks for a reading, and one that is cold is settled', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, later, food, ruling } = kitchen;
  const read = async (degrees: string) => {
    await go('Stores');
    await page.getByRole('radio', { name: 'By place' }).click();
    await tap('Read it: the refrigerator’s temperature');
    await page.getByLabel('Air of the refrigerator').fill(degrees);
    await page.getByRole('button', { name: 'Record', exact: true }).click();
    await expect(page.getByText(new RegExp(`^${degrees} °C at`))).toBeVisible();
  };
  await enter();
  await read('4');
  await later(12 * 60);
  await read('11');
  await expect(page.getByText(/too warm$/)).toBeVisible();

  await food('Tray of aubergine bake');
  await ruling('Cannot tell');
  await expect(page.getByText('Cannot tell how warm it got.')).toBeVisible();
  await expect(page.getByText(/Was the food itself 4 °C or colder\?/)).toBeVisible();
  // Still cold in the middle: it was cold all night.
  await page.getByRole('button', { name: 'Log a reading' }).first().click();
  await page.getByLabel('Reading', { exact: true }).fill('4');
  await tap('Record');
  await food('Tray of aubergine bake');
  await ruling('Act by');
  await expect(page.getByText(/^Read it by/)).toBeVisible();
  await read('3');
  await food('Tray of aubergine bake');
  await ruling('Fine');
});

test('a batch divided: one part frozen, thawed, and finished within what was left of its days', async ({
  kitchen,
}) => {
  const { page, enter, tap, later, food, ruling } = kitchen;
  await enter();
  await food('Tray of aubergine bake');
  await tap('Divide or combine');
  await page.getByLabel('Weight of the part').fill('2');
  await expect(page.getByText('Less than the whole.')).toBeVisible();
  await page.getByLabel('Weight of the part').fill('0,6');
  await page.getByLabel('Its name').fill('Bake for later');
  await page.getByRole('radio', { name: 'Freezer' }).click();
  await tap('Divide off');

  await food('Bake for later');
  await expect(page.getByText(/600 g · 2 portions/)).toBeVisible();
  await expect(page.getByText(/^Keeps frozen/)).toBeVisible();
  // What happened to the batch before is its history too.
  const before = page.getByRole('listitem').filter({ hasText: 'Wednesday 19:55' });
  await expect(before.filter({ hasText: 'On the table' })).toBeVisible();
  await later(10 * DAY);
  await food('Tray of aubergine bake');
  await ruling('Throw away');
  await food('Bake for later');
  await tap('To the refrigerator');
  await ruling('Fine');
  // Two of its four days were used before the freezer.
  await later(2 * DAY + 60);
  await food('Bake for later');
  await ruling('Throw away');
});

test('the pregnant cook’s view of the same store, and one food ruled by another school', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, food, ruling } = kitchen;
  await enter();
  await food('Sardines, opened can');
  await ruling('Fine');
  await page.goto('/household');
  await page.getByText('Extra care', { exact: true }).click();
  await expect(page.getByText('Rules: Extra care')).toBeVisible();
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Sardines, opened can .*Throw away$/ })).toBeVisible();
  await page.goto('/guide/differences');
  await expect(page.getByText('75 °C or 70 °C held 2 min').first()).toBeVisible();

  // Others at the table may go by the service code.
  await food('Sardines, opened can');
  await tap('Ruled by Extra care. Change');
  await page.getByRole('radio', { name: 'Service code' }).click();
  await ruling('Fine');
  await expect(page.getByText(/Ruled by Service code/).first()).toBeVisible();
});

test('a correction without editing: what was entered late is set right, and the ruling with it', async ({
  kitchen,
}) => {
  const { page, enter, tap, food, ruling } = kitchen;
  await enter();
  await food('Red lentil soup, 4 litres');
  await ruling('Act by');
  const before = await page.getByText(/^Leftovers into the refrigerator by/).textContent();
  await page.getByRole('button', { name: /Off the heat$/ }).click();
  await tap('60 min earlier');
  await expect(page.getByText(before!)).toBeHidden();
  await tap('What if');
  await expect(page.getByText('As it is', { exact: true })).toBeVisible();
});

test('a shelf is objected to and put right in two taps; several foods are moved at once', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Stores');
  await page.getByRole('radio', { name: 'By place' }).click();
  const shelf = (name: string) => page.getByRole('group', { name });
  await expect(page.getByRole('alert')).toContainText('Chicken thighs: raw, on the middle shelf');
  await tap('Move Chicken thighs to the lower shelf');
  await expect(shelf('Lower').getByRole('checkbox', { name: /^Chicken thighs/ })).toBeVisible();
  await expect(page.getByRole('alert')).toBeHidden();

  await page.getByRole('checkbox', { name: /^Saffron rice/ }).click();
  await page.getByRole('checkbox', { name: /^Tub without a date/ }).click();
  await expect(page.getByText('2 foods')).toBeVisible();
  await tap('Middle shelf');
  for (const name of [/^Saffron rice/, /^Tub without a date/])
    await expect(shelf('Middle').getByRole('checkbox', { name })).toBeVisible();
});

test('a number of one’s own is set stricter, never looser', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Guide');
  await page.getByLabel('Find a number').fill('chiken thigs');
  await page
    .getByRole('link', { name: /^Cook to.*74 °C/ })
    .first()
    .click();
  await page.getByLabel('At your table').fill('70');
  await expect(page.getByText('That is no stricter than the rule.')).toBeVisible();
  await page.getByLabel('At your table').fill('80');
  await tap('Set it');
  await expect(page.getByText('Your own, stricter than the rule.')).toBeVisible();
  await expect(page.getByRole('heading', { name: '80 °C' })).toBeVisible();
});

test('a mixed dish of the household’s own, by its own name, takes the strictest rule of each part', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, food, ruling } = kitchen;
  await enter();
  await go('Stores');
  await tap('Put something in');
  await page.getByLabel('What kind of food?').fill('mashd potatos');
  await tap(/^Mashed potatoes/);
  await tap('Put it in');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('Harbour pie');
  await page.getByLabel('Weight', { exact: true }).fill('0,9');
  await page.getByRole('radio', { name: 'Cooked or ready' }).click();
  await page.getByRole('radio', { name: 'Wednesday' }).click();
  await page.getByLabel('Also in it').fill('gravy');
  await tap(/^Gravy/);
  await expect(page.getByText('Ruled as Mashed potatoes, Gravy')).toBeVisible();
  await tap('Put it in');
  await food('Harbour pie');
  // Potatoes alone would keep 3–4 days; the gravy keeps two.
  await ruling('Throw away');
  await expect(page.getByText(/^It keeps 1–2 days/)).toBeVisible();
});

test('where there is room a food is dragged to its shelf', async ({ kitchen }) => {
  const { page, enter, go } = kitchen;
  await page.setViewportSize({ width: 1280, height: 800 });
  await enter();
  await go('Stores');
  await page.getByRole('radio', { name: 'By place' }).click();
  const rice = page.getByRole('checkbox', { name: /^Saffron rice/ });
  const lower = page.getByRole('group', { name: 'Lower' });
  const [from, to] = [(await rice.boundingBox())!, (await lower.boundingBox())!];
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(lower.getByRole('checkbox', { name: /^Saffron rice/ })).toBeVisible();
});
