import { expect, test } from './kitchen';

test('is this still all right? Three taps about a food nobody logged, and nothing is kept unless wanted', async ({
  kitchen,
}) => {
  const { page, enter, go, tap, ruling } = kitchen;
  await enter();
  await tap('Is this still all right?');
  await page.getByLabel('What is it?').fill('leftover chicken');
  await tap('Chicken, cooked');
  const since = page.getByRole('radiogroup', { name: 'It was cooked or opened' });
  const where = page.getByRole('radiogroup', { name: 'Since then it was' });
  await since.getByRole('radio', { name: 'Wednesday' }).click();
  await where.getByRole('radio', { name: 'In the refrigerator all along' }).click();
  await ruling('Fine');
  await where.getByRole('radio', { name: 'Out for 4 h at most' }).click();
  await ruling('Throw away');
  await expect(page.getByText('Rule and source: ', { exact: false }).first()).toBeVisible();
  await since.getByRole('radio', { name: 'Not sure' }).click();
  await where.getByRole('radio', { name: 'In the refrigerator all along' }).click();
  await ruling('Cannot tell');

  await go('Stores');
  await expect(page.getByRole('link', { name: /^Chicken, cooked/ })).toHaveCount(0);

  // As it was left; and kept, once that is wanted.
  await go('Now');
  await tap('Is this still all right?');
  await since.getByRole('radio', { name: 'Yesterday' }).click();
  await ruling('Fine');
  await tap('Keep it in the stores');
  await expect(page.getByRole('heading', { name: 'Chicken, cooked', level: 1 })).toBeVisible();
  await go('Stores');
  await expect(page.getByRole('link', { name: /^Chicken, cooked/ })).toHaveCount(1);

  // One of the crew is expecting: what is not for her says so here as well.
  await go('Now');
  await tap('Is this still all right?');
  await page.getByLabel('What is it?').fill('Smoked salmon');
  await page.getByRole('button', { name: 'Smoked salmon', exact: true }).click();
  const opened = page.getByRole('radiogroup', { name: 'It was opened or made' });
  await opened.getByRole('radio', { name: 'Today' }).click();
  await where.getByRole('radio', { name: 'In the refrigerator all along' }).click();
  await expect(page.getByText('Not for Ines. Those who need extra care', { exact: false })).toBeVisible();
});
