import { expect, test } from './kitchen';

test('four litres of soup fail in one pot and pass in shallow tubs; the marks stand in Now', async ({
  kitchen,
}) => {
  const { page, enter, food, tap, later } = kitchen;
  await enter();
  await food('Red lentil soup, 4 litres');
  await tap('Will it cool in time?');
  await expect(page.getByText('It will not cool in time like this.')).toBeVisible();
  await expect(
    page.getByText(/^Into \d+ tubs, without lids until cold\.$|^Half an hour in ice water first/),
  ).toBeVisible();

  await page.getByRole('radio', { name: 'Plastic tub' }).click();
  await page.getByRole('radiogroup', { name: 'Lid' }).getByRole('radio', { name: 'Off' }).click();
  await expect(page.getByText('It does not fit: take at least 2 of these.')).toBeVisible();
  for (let more = 1; more < 8; more++) await tap('How many: one more');
  await expect(page.getByText('It should pass. Read it to be sure.')).toBeVisible();
  await expect(page.getByRole('img', { name: /^Cooling of Red lentil soup/ })).toBeVisible();
  // Read along by the keys, and by a finger.
  const along = page.getByRole('slider', { name: 'Read along Cooling of Red lentil soup' });
  await expect(along).toHaveAttribute('aria-valuetext', /^Along the curve/);
  await along.focus();
  await page.keyboard.press('Home');
  await expect(along).toHaveAttribute('aria-valuetext', /^start: middle \d+ °C, mean \d+ °C$/);
  const atStart = await along.getAttribute('aria-valuetext');
  await page.keyboard.press('ArrowRight');
  await expect(along).not.toHaveAttribute('aria-valuetext', atStart!);
  await along.click({ position: { x: 150, y: 40 } });
  await expect(along).toHaveAttribute('aria-valuetext', /^\d+ h( \d+ min)?: middle \d+ °C/);
  await page.keyboard.press('Escape');
  await expect(along).toHaveAttribute('aria-valuetext', /^Along the curve/);
  await tap('What is assumed');
  await expect(page.getByText(/h 6–10 in the refrigerator/)).toBeVisible();
  await page.getByRole('radio', { name: '× 0.5' }).click();
  await expect(page.getByText('It will not cool in time like this.')).toBeVisible();
  await page.getByRole('radio', { name: '× 1', exact: true }).click();
  await expect(page.getByText('It should pass. Read it to be sure.')).toBeVisible();
  await tap('Cool it this way');

  // The first mark is the next thing, and a reading settles it.
  await expect(page.getByText('Below 21 °C by then')).toBeVisible();
  await later(90);
  await page.getByRole('link', { name: /Below 21 °C by then/ }).click();
  await tap('Log a reading');
  await page.getByLabel('Reading', { exact: true }).fill('20');
  await tap('Record');
  await expect(page.getByText('In time, as it goes now.')).toBeVisible();
  await food('Red lentil soup, 4 litres');
  await tap('Will it cool in time?');
  await expect(page.getByText(/^Corrected by the last reading/)).toBeVisible();
  await page.goto('/now');
  await expect(page.getByText('Below 5 °C by then')).toBeVisible();
});

test('a pot that cools too slowly is told beside its reading what still saves it', async ({ kitchen }) => {
  const { page, enter, food, tap, later } = kitchen;
  await enter();
  await food('Red lentil soup, 4 litres');
  await tap('Will it cool in time?');
  await expect(page.getByText('It will not cool in time like this.')).toBeVisible();
  await tap('Cool it this way');
  await tap(/cool it so all the same/);
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await later(60);
  await food('Red lentil soup, 4 litres');
  await tap('Log a reading');
  await page.getByLabel('Reading', { exact: true }).fill('82');
  await tap('Record');
  await expect(page.getByText('Not in time, as it goes now.')).toBeVisible();
  await expect(page.getByText(/^21 °C: \d\d:\d\d to \d\d:\d\d, due \d\d:\d\d$/)).toBeVisible();
  await expect(page.getByText(/^Still in time with this: Into \d+ tubs/)).toBeVisible();
  await page.getByRole('link', { name: 'Cool it another way' }).click();
  await expect(page.getByText(/^Corrected by the last reading/)).toBeVisible();
});

test('a pot put in hot warms the refrigerator and the milk', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Red lentil soup, 4 litres');
  await tap('Will it cool in time?');
  await page.getByRole('radiogroup', { name: 'Lid' }).getByRole('radio', { name: 'Off' }).click();
  await page.getByRole('radiogroup', { name: 'Stirred' }).getByRole('radio', { name: 'Yes' }).click();
  await expect(page.getByText(/^Its air warms to \d+(\.\d)? °C and is too warm for/)).toBeVisible();
  await expect(page.getByText(/^Milk, 1 litre: up to \d/)).toBeVisible();
});

test('the rescue: the centre is icy, and each way on says what it does to dinner', async ({ kitchen }) => {
  const { page, enter, go, tap, later, food } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Lamb shoulder/);
  await page.getByRole('radio', { name: 'Tue', exact: true }).click();
  await expect(
    page.getByRole('radiogroup', { name: 'Ways to thaw' }).getByRole('radio', { name: /^Refrigerator/ }),
  ).toContainText('computed');
  await tap('Plan it this way');
  await expect(page.getByText('To the lowest shelf')).toBeVisible();
  await later(12 * 60);
  await tap('It is in the refrigerator: Lamb shoulder');
  // Tuesday 15:00, and the middle is still icy.
  await later(80 * 60 - 2);
  await food('Lamb shoulder');
  await tap('Still icy');
  await page.getByLabel('Centre, °C').fill('-4');
  await expect(page.getByRole('heading', { name: 'Finish it in cold water' })).toBeVisible();
  await expect(page.getByText(/^Dinner .* late\.$/).first()).toBeVisible();
  await page.getByLabel('Centre, °C').fill('-60');
  await expect(
    page.getByText('An icy middle reads between the freezer and a cold refrigerator.'),
  ).toBeVisible();
  await page.getByLabel('Centre, °C').fill('-4');
  await tap('Into cold water');
  await expect(page.getByText(/Change the water, 1st of/)).toBeVisible();
});

test('a long forecast can be cancelled and taken up again, and the page goes on meanwhile', async ({
  kitchen,
}) => {
  const { page, enter } = kitchen;
  await enter();
  await page.goto('/guide/bench');
  await expect(page.getByRole('img', { name: /^Trials/ })).toBeVisible();
  // A fast machine is through before a finger could find the button.
  const cancelled = page.evaluate(
    () =>
      new Promise<boolean>((resolve) => {
        new MutationObserver((_changes, watching) => {
          const button = Array.from(document.querySelectorAll<HTMLElement>('[role=button], button')).find(
            ({ textContent }) => textContent === 'Cancel',
          );
          if (!button) return;
          watching.disconnect();
          resolve(document.querySelector('[role=progressbar]') !== null);
          button.click();
        }).observe(document.body, { childList: true, subtree: true });
      }),
  );
  await page.getByRole('radio', { name: '96 h' }).click();
  expect(await cancelled).toBe(true);
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await page.getByRole('button', { name: 'Compute it again' }).click();
  await expect(page.getByRole('img', { name: /over 4 d$/ })).toBeVisible();
});

test('a joint in the oven is forecast, and the forecast narrows with a reading', async ({ kitchen }) => {
  const { page, enter, go, tap, later } = kitchen;
  await enter();
  await go('Plan');
  await tap('New plan');
  await tap(/^Lamb shoulder/);
  await page
    .getByRole('radiogroup', { name: 'Ways to thaw' })
    .getByRole('radio', { name: /^Cook from frozen/ })
    .click();
  await tap('Plan it this way');
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await later(18 * 60 + 40);
  await tap('Oven is on: Lamb shoulder');
  await later(20);
  await tap('It is on: Lamb shoulder');
  await later(150);
  await tap('Log a reading: Lamb shoulder');
  await expect(page.getByRole('heading', { name: 'When it is done' })).toBeVisible();
  await expect(page.getByText(/A reading narrows this\./)).toBeVisible();
  await page.getByLabel('Reading', { exact: true }).fill('22');
  await tap('Record');
  await expect(page.getByText(/^Corrected by the probe\./)).toBeVisible();
});
