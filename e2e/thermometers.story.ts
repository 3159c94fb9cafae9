import { expect, test } from './kitchen';

test('a dial that was dropped: its readings prove nothing until it is checked, and a check that fails puts earlier ones in doubt', async ({
  kitchen,
}) => {
  const { page, enter, tap } = kitchen;
  await enter();
  const settle = () => page.waitForTimeout(1000);

  // The probe that is in order is offered; the dial is in doubt, and says so.
  await page.goto('/stores');
  await page
    .getByRole('link', { name: /^Red lentil soup/ })
    .first()
    .click();
  await page.waitForTimeout(600);
  const food = page.url();
  await page.goto(`${food}/cook`);
  await expect(page.getByRole('radio', { name: 'Probe' })).toBeChecked();
  await page.getByRole('radio', { name: 'Dial' }).click();
  await expect(page.getByText(/What it shows proves nothing/)).toBeVisible();
  await page.getByRole('radio', { name: 'Probe' }).click();
  await expect(page.getByText(/What it shows proves nothing/)).toHaveCount(0);
  await page.getByLabel('Reading', { exact: true }).fill('80');
  await tap('Record');
  await settle();

  // The probe fails its next check: what it read since its last good one is in doubt, and nothing is mended.
  await page.goto('/household');
  await tap('Thermometers and checks');
  await page.getByRole('link', { name: 'Probe' }).click();
  await settle();
  await tap('Check it in ice water');
  await tap('Count 30 s');
  await expect(page.getByText(/3\. Wait: \d+ s more/)).toBeVisible();
  await page.getByLabel('It shows, °C').fill('32');
  await tap('Keep this check');
  await expect(page.getByText(/not what ice water shows/)).toBeVisible();
  await settle();
  await page.getByLabel('It shows, °C').fill('2.5');
  await tap('Keep this check');
  await expect(page.getByRole('status').getByText(/Its checks do not agree/)).toBeVisible();
  await expect(page.getByText('Read with it since its last good check: in doubt')).toBeVisible();
  await page.goto(food);
  await expect(page.getByText(/last read with “Probe”, and that reading is in doubt/)).toBeVisible();

  // A slip is taken back, and with it the doubt.
  await page.goto('/thermometers/probe');
  await settle();
  await tap('Take back the last entry');
  await expect(page.getByRole('status').getByText(/^Right\./)).toBeVisible();
  await page.goto(food);
  await expect(page.getByText(/and that reading is in doubt/)).toHaveCount(0);

  // The dial is off: its nut is turned, and then it is checked again, in boiling water at 1600 m.
  await page.goto('/thermometers/dial');
  await settle();
  await tap('In boiling water');
  await page.getByLabel('Your kitchen above the sea, m').fill('1600');
  await expect(page.getByText('It should show 94.7 °C.')).toBeVisible();
  await page.getByLabel('It shows, °C').fill('97');
  await tap('Keep this check');
  await expect(page.getByRole('status').getByText(/turn its nut/)).toBeVisible();
  await settle();
  await tap('The nut was turned');
  await settle();
  await tap('In boiling water');
  await expect(page.getByText('It should show 94.7 °C.')).toBeVisible();
  await page.getByLabel('It shows, °C').fill('95');
  await tap('Keep this check');
  await expect(page.getByRole('status').getByText(/^Corrected by −0\.3 °C/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('status').getByText(/^Corrected by −0\.3 °C/)).toBeVisible();
});

test('a new thermometer is in doubt until its first check', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await page.goto('/thermometers');
  await tap('Add a thermometer');
  await page.waitForTimeout(1000);
  await tap('Add it');
  await expect(page.getByText('A name, so that it can be told from the others.')).toBeVisible();
  await page.getByLabel('What you call it').fill('Fork');
  await page.getByRole('radio', { name: 'Thermocouple or thermistor' }).click();
  await page.waitForTimeout(1000);
  await tap('Add it');
  await expect(page.getByRole('heading', { name: 'Fork', level: 1 })).toBeVisible();
  await expect(page.getByText('In doubt. New, and never checked. Check it.')).toBeVisible();
  await page.waitForTimeout(1000);
  await tap('Check it in ice water');
  await page.getByLabel('It shows, °C').fill('-0.4');
  await tap('Keep this check');
  await expect(page.getByRole('status').getByText(/^Corrected by \+0\.4 °C/)).toBeVisible();

  // It goes, with its checks, only when that is meant.
  await page.waitForTimeout(1000);
  await tap('Not in this household any more');
  await page.waitForTimeout(1000);
  await tap('Keep it');
  await page.waitForTimeout(1000);
  await tap('Not in this household any more');
  await page.waitForTimeout(1000);
  await tap('Yes, with all its checks');
  await expect(page.getByRole('link', { name: 'Dial' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Fork' })).toHaveCount(0);
});

test('without a server a check is not lost: it counts here, says that it waits, and is sent once there is one', async ({
  kitchen,
}) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await page.goto('/thermometers/dial');
  await page.waitForTimeout(1000);
  await tap('Check it in ice water');
  await page.getByLabel('It shows, °C').fill('0.5');
  await page.route('**/api/household/settings', (route) => route.abort());
  await tap('Keep this check');
  await expect(page.getByRole('status').getByText(/^Corrected by −0\.5 °C/)).toBeVisible();
  await expect(page.getByText(/^1 entry to be sent\./)).toBeVisible();
  await page.unroute('**/api/household/settings');
  await page.reload();
  await expect(page.getByText(/to be sent/)).toHaveCount(0);
  await expect(page.getByRole('status').getByText(/^Corrected by −0\.5 °C/)).toBeVisible();
});
