import { expect, test } from './kitchen';

/** From the freezer to the plate and back: every tick of the plan is the log entry. */
test('a frozen shoulder is planned, thawed, cooked, served, put away, and ruled on', async ({ kitchen }) => {
  const { page, enter, go, tap, later, food, ruling } = kitchen;
  await enter();

  // "2.4 kg bone-in lamb shoulder, frozen, on the table tomorrow at 19:00": what can still be done?
  await go('Plan');
  await tap('New plan');
  await page.getByLabel('What is to be cooked?').fill('lam sholder');
  await tap(/^Lamb shoulder.*2.4 kg, frozen/);
  await expect(page.getByLabel('Weight', { exact: true })).toHaveValue('2.4');
  const ways = page.getByRole('radiogroup', { name: 'Ways to thaw' });
  const way = (name: string) => ways.getByRole('radio', { name: new RegExp(`^${name}`) });
  await expect(page.getByRole('heading', { name: 'How it thaws' })).toBeVisible();
  await expect(way('Refrigerator')).toContainText(/Too late by \d+ h/);
  await expect(way('Refrigerator')).toBeDisabled();
  await expect(way('Refrigerator')).toContainText(/Rule 25 h to 32 h, computed .+: planned with the slower/);
  await expect(way('Microwave')).toContainText('Too thick');
  await expect(way('Cold water')).toBeDisabled();
  await expect(way('Cook from frozen')).toContainText('On the heat by tomorrow 14:02');
  await expect(way('Cook from frozen')).toBeChecked();

  // Tuesday leaves time for the gentle way.
  await page.getByRole('radio', { name: 'Tue', exact: true }).click();
  await expect(way('Refrigerator')).toBeChecked();
  await expect(way('Refrigerator')).toContainText(/Start by Sunday/);
  await tap('Plan it this way');
  await expect(page.getByText('To the lowest shelf')).toBeVisible();
  // The accepted plan keeps the drawing: what the rule says, and what was computed.
  await go('Plan');
  await expect(page.getByRole('img', { name: /^Thawing of Lamb shoulder, bone in/ })).toBeVisible();
  await go('Now');

  await later(12 * 60);
  await tap('It is in the refrigerator: Lamb shoulder');
  await later(58 * 60);
  await tap('Thawed: Lamb shoulder');
  await later(21 * 60 + 50);
  await tap('Oven is on: Lamb shoulder');
  await later(20);
  await tap('It is on: Lamb shoulder');

  // Below the target: how much is missing. At the target: rest.
  await later(160);
  await tap('Log a reading: Lamb shoulder');
  await expect(page.getByText('63 °C', { exact: true })).toBeVisible();
  await expect(page.getByText('The thickest part, from the side')).toBeVisible();
  await page.getByLabel('Reading', { exact: true }).fill('57');
  await tap('Record');
  await expect(page.getByText('5.8 °C to go. Keep cooking.')).toBeVisible();
  await later(25);
  await page.getByLabel('Reading', { exact: true }).fill('64,5');
  await page.getByLabel('Reading', { exact: true }).press('Enter');
  // A joint of 2.4 kg is read in two places; which one is missing is said.
  await expect(page.getByText('Now read the centre.')).toBeVisible();
  await expect(page.getByRole('radio', { name: /Centre/ })).toBeChecked();
  await page.getByLabel('Reading', { exact: true }).fill('65');
  await tap('Record');
  await expect(page.getByText('Target met.')).toBeVisible();
  await tap('Off the heat');
  await expect(page.getByRole('button', { name: /^Rest until/ })).toBeDisabled();
  await later(20);
  await tap('On the table');
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();

  // Leftovers: deadline, portions, depth.
  await later(60);
  await tap('Put leftovers away: Lamb shoulder');
  await expect(page.getByText('Into the cold by')).toBeVisible();
  await page.getByLabel('How deep in the container').fill('4');
  await tap('Portions: one more');
  await tap('Into the refrigerator now');
  await expect(page.getByText(/· 5 portions$/)).toBeVisible();
  await ruling('Fine');
  await expect(page.getByText(/^Keeps until Saturday/)).toBeVisible();

  // Every line of its grounds leads to its rule and source; what happened is all there.
  await expect(page.getByText('Put away in the refrigerator, 5 portions, 4 cm deep')).toBeVisible();
  await expect(page.getByText('Thawing in the refrigerator')).toBeVisible();
  await page.getByRole('link', { name: /^Rule and source: Cold food storage chart/ }).click();
  await expect(
    page.getByRole('heading', { name: 'Cooked meat, poultry, fish: days in the refrigerator' }),
  ).toBeVisible();
  await food('Lamb shoulder');
  await ruling('Fine');
});

test('the same food from its drawing can be read as a table', async ({ kitchen }) => {
  await kitchen.enter();
  await kitchen.food('Fish pie, half a tray');
  // It lies quietly: what is drawn at first are its days.
  await expect(kitchen.page.getByText(/^\d+ min left\.$/)).toBeVisible();
  await expect(kitchen.page.getByText('Nobody has read the air of the refrigerator yet.')).toBeVisible();
  await kitchen.tap('Its whole trail');
  await expect(
    kitchen.page.getByRole('img', { name: /^Trail of Fish pie, half a tray: 2 readings/ }),
  ).toBeVisible();
  await kitchen.tap('The same as a table');
  await expect(kitchen.page.getByRole('listitem').getByText('77.2 °C', { exact: true })).toBeVisible();
});
