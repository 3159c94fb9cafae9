import { expect, test } from './kitchen';

test('what is not for somebody at the table says so by name in Stores, on Now and on its page', async ({
  kitchen,
}) => {
  const { page, tap, enter, go, food } = kitchen;
  await enter();
  await page.goto('/household');
  await page.getByLabel('Somebody who eats here').fill('Ines');
  await expect(page.getByText('Ines is at the table already.')).toBeVisible();
  await page.getByLabel('Somebody who eats here').fill('Bo');
  await tap('Add them');
  const care = page.getByRole('radiogroup', { name: 'Bo: extra care' });
  await care.getByRole('radio', { name: 'Under five' }).click();

  await page.goto('/add');
  await page.getByLabel('What kind of food?').fill('Smoked salmon');
  await page.getByRole('button', { name: 'Smoked salmon', exact: true }).click();
  await page.getByLabel('Weight', { exact: true }).fill('0.2');
  await tap('Put it in');
  await expect(page.getByText('Smoked salmon: put in')).toBeVisible();
  // At once, before any answer, and after it.
  await go('Stores');
  const row = page.getByRole('link', { name: /^Smoked salmon.*Not for Ines and Bo\./ });
  await expect(row).toBeVisible();
  await page.reload();
  await expect(row).toBeVisible();
  await go('Now');
  await expect(page.getByText('Not for Ines and Bo.').first()).toBeVisible();
  await food('Smoked salmon');
  await expect(page.getByText('Those who need extra care do not eat', { exact: false })).toBeVisible();

  await page.goto('/household');
  await tap('Remove Ines from the table');
  await tap('Remove Bo from the table');
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Smoked salmon/ })).toBeVisible();
  await expect(page.getByText(/^Not for/)).toHaveCount(0);

  // Who comes to the table is thought of at once, with all that is at hand.
  await page.getByRole('navigation').getByRole('link', { name: 'Now' }).click();
  await page.getByRole('link', { name: 'Household' }).click();
  await page.getByLabel('Somebody who eats here').fill('Kim');
  await tap('Add them');
  await page
    .getByRole('radiogroup', { name: 'Kim: extra care' })
    .getByRole('radio', { name: '65 or over' })
    .click();
  await page.getByRole('button', { name: 'Back' }).click();
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Smoked salmon.*Not for Kim\./ })).toBeVisible();
});

test('what somebody who needs extra care eats of is ruled so, by meal and by dish, and goes by it on every page', async ({
  kitchen,
}) => {
  const { page, tap, enter, go, food } = kitchen;
  await enter();
  await go('Plan');
  await page.getByRole('link', { name: /^Crew supper/ }).click();
  await expect(page.getByText('What they eat of it is ruled with extra care, for Ines.')).toBeVisible();
  await tap('Change the meal');
  await expect(page.getByRole('button', { name: /^Leg of lamb .* without Ines$/ })).toBeVisible();
  await expect(page.getByText('All on the table at 19:00')).toBeVisible();

  // She would eat of the bake: for her its days are over by then, and it says so.
  await page.getByRole('button', { name: /^Aubergine bake/ }).click();
  const who = page.getByRole('group', { name: 'Who eats of it' });
  await who.getByRole('checkbox', { name: 'Ines' }).click();
  await expect(page.getByText('It is ruled with extra care, for Ines.')).toBeVisible();
  await tap('Done');
  await expect(page.getByText('Aubergine bake: it is not for Ines, who would eat of it.')).toBeVisible();
  await page.getByRole('button', { name: /^Aubergine bake/ }).click();
  await who.getByRole('checkbox', { name: 'Ines' }).click();
  await tap('Done');
  await expect(page.getByText('All on the table at 19:00')).toBeVisible();

  // Who stays away is not counted at the table, and nothing is ruled for her sake.
  await who.getByRole('checkbox', { name: 'Ines' }).click();
  await expect(page.getByText(/ruled with extra care/)).toHaveCount(0);
  await expect(page.getByText('8', { exact: true })).toBeVisible();
  await who.getByRole('checkbox', { name: 'Ines' }).click();
  await expect(page.getByText('9', { exact: true })).toBeVisible();

  // A pot of hers goes by extra care where it is cooled and heated, for everybody.
  await page.goto('/plan/meal/new');
  await page.getByRole('button', { name: 'Add a dish' }).click();
  await page
    .getByRole('button', { name: /^Red lentil soup/ })
    .first()
    .click();
  await page.getByLabel('What it is called').fill('Soup');
  await expect(page.getByText(/^(All on the table|Earliest)/)).toBeVisible();
  await tap('Plan it this way');
  await expect(page.getByRole('heading', { name: 'Soup', level: 1 })).toBeVisible();
  await food('Red lentil soup');
  await expect(page.getByText('Ruled with extra care: Ines eats of it at “Soup”.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Ruled with extra care: Ines eats of it at “Soup”.')).toBeVisible();
});
