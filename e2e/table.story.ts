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
  const row = page.getByRole('link', { name: /^Smoked salmon: .* Not for Ines and Bo\.$/ });
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
  await expect(page.getByRole('link', { name: /^Smoked salmon: / })).toBeVisible();
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
  await expect(page.getByRole('link', { name: /^Smoked salmon: .* Not for Kim\.$/ })).toBeVisible();
});
