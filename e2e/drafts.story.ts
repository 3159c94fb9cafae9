import { expect, test, type Kitchen } from './kitchen';

const putIn = async ({ enter, go, tap }: Kitchen) => {
  await enter();
  await go('Stores');
  await tap('Put something in');
};

test('what is typed of a new food survives the way back and a reload, until it is put in', async ({
  kitchen,
}) => {
  const { page, go, tap } = kitchen;
  await putIn(kitchen);
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

test('one typed line fills in the form; what came lately comes again in two taps, one after the other', async ({
  kitchen,
}) => {
  const { page, tap } = kitchen;
  await putIn(kitchen);
  await page.getByLabel('What kind of food?').fill('2 lb chicken thighs freezer yesterday 17:30');
  // What was found stands above what came lately.
  const thighs = page.getByRole('button', { name: 'Chicken thighs', exact: true });
  await expect(thighs).toHaveCount(2);
  await thighs.first().click();
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('0.91');
  await expect(page.getByRole('radio', { name: 'Freezer' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'Yesterday' })).toBeChecked();
  await expect(page.getByLabel('At', { exact: true })).toHaveValue('17:30');
  await tap('And another');
  await page.waitForTimeout(1000);
  await tap('Saffron rice');
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('0.8');
  await tap('Put it in');
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Saffron rice/ })).toHaveCount(2);
  await expect(page).toHaveTitle('Stores · Omtel');
});

test('a plan asks before it believes a cooking time that is a slip', async ({ kitchen }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Lamb shoulder/);
  await page.getByLabel('Cook, min').fill('3');
  await tap('Plan it this way');
  await expect(page.getByText('3 min? Did you mean 3 h?')).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('3 h');
  await expect(page.getByLabel('Cook, min')).toHaveValue('180');
});

test('a plan is changed from its food, and a frozen food says when it must come out', async ({ kitchen }) => {
  const { page, enter, food, tap, go } = kitchen;
  await enter();
  await food('Cod fillets');
  await tap('When must it come out?');
  await page.getByLabel('Cook, min').fill('25');
  await page.getByRole('radiogroup', { name: 'On the table' }).getByRole('radio', { name: 'Sun' }).click();
  await tap('Plan it this way');
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await go('Plan');
  await tap('Change the plan for Cod fillets');
  await expect(page.getByLabel('Cook, min')).toHaveValue('25');
  await expect(
    page.getByRole('radiogroup', { name: 'On the table' }).getByRole('radio', { name: 'Sun' }),
  ).toBeChecked();
  await page.getByLabel('At', { exact: true }).fill('20:15');
  await tap('Plan it this way');
  await go('Plan');
  await expect(page.getByText(/on the table Sunday 20:15/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Change the plan for Cod fillets' })).toHaveCount(1);
});

test('raw meat is asked its shelf; a plan and a label are one tap from there', async ({ kitchen }) => {
  const { page, tap, go } = kitchen;
  await putIn(kitchen);
  await page.getByLabel('What kind of food?').fill('pork chops');
  await tap('Pork chops');
  await page.getByLabel('Weight', { exact: true }).fill('0,6');
  await page.getByRole('radio', { name: 'Lower shelf' }).click();
  await tap('Put it in');
  await page.getByRole('button', { name: 'Its label' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(page.url()).toMatch(/\/print\/label\?of=/);
  await go('Log');
  await expect(page.getByText(/^Put in the refrigerator, lower shelf/)).toBeVisible();
});
