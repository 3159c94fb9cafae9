import type { Page } from '@playwright/test';
import { expect, test } from './kitchen';

const heading = (page: Page, name: string) => page.getByRole('heading', { name, level: 1 });

/** Nobody taps on a page before having looked at it. */
const LOOK_MS = 600;

/** Opens the crew's supper from Plan. */
async function openSupper(page: Page): Promise<void> {
  await page.goto('/plan');
  await page.getByRole('link', { name: /^Crew supper/ }).click();
  await expect(heading(page, 'Crew supper')).toBeVisible();
  await page.waitForTimeout(LOOK_MS);
}

/** The steps a page shows, with their times. */
const stepsOn = (page: Page) => page.getByRole('list', { name: 'Steps' }).innerText();

test('the supper for nine is cooked with one late tick, served, and put away; another window sees the same', async ({
  kitchen,
  context,
}) => {
  const { page, enter, tap, later } = kitchen;
  // Two taps at one place within a second are one.
  const tick = async (name: string) => {
    await page.waitForTimeout(2 * LOOK_MS);
    await tap(name);
    await expect(page.getByRole('button', { name })).toHaveCount(0);
  };
  await enter();
  // It is tomorrow, a quarter to ten: the lamb is the first thing, in Now as in the meal.
  await later(14 * 60 + 43);
  await expect(page.getByText('Leg of lamb: feel for ice')).toBeVisible();
  await tap('Thawed: Leg of lamb: feel for ice');
  await expect(page.getByText('Leg of lamb: feel for ice, 09:45')).toBeVisible();
  await openSupper(page);
  await expect(page.getByText('9 at the table 19:00, on time')).toBeVisible();
  await expect(page.getByText('Oven to 165 °C')).toBeVisible();

  await later(5 * 60 + 10);
  await tap('Oven is on: Oven to 165 °C');
  await later(5);
  await tap('Begun: Prepare Leg of lamb');
  // It goes in a quarter of an hour late: what follows moves, dinner as little as it can, and it is said once.
  await later(35);
  await tap('It is on: Leg of lamb into the oven');
  await expect(page.getByText(/^Dinner .*later|^Dinner as planned; this moved/)).toBeVisible({
    timeout: 20_000,
  });
  await expect(
    page.getByText(/Leg of lamb off the heat.*later|Prepare Roast potatoes.*later/).first(),
  ).toBeVisible();
  const shown = await stepsOn(page);
  const other = await context.newPage();
  await openSupper(other);
  expect(await stepsOn(other)).toBe(shown);
  await other.close();
  await page.reload();
  await expect(heading(page, 'Crew supper')).toBeVisible();
  expect(await stepsOn(page)).toBe(shown);

  // Read in both places, and out.
  await later(130);
  await tap(/^Log a reading: Leg of lamb: read it/);
  await page.getByLabel('Reading', { exact: true }).fill('66');
  await tap('Record');
  await expect(page.getByText('Now read the centre.')).toBeVisible();
  await page.getByLabel('Reading', { exact: true }).fill('66');
  await tap('Record');
  await openSupper(page);
  await tap('Off the heat: Leg of lamb off the heat');
  for (const name of [
    'Oven is on: Oven to 205 °C',
    'Begun: Prepare Roast potatoes',
    'It is on: Roast potatoes into the oven',
    'It is on: Aubergine bake into the oven',
    'Begun: Prepare Greens',
    'Begun: Finish Leg of lamb',
    'Begun: Prepare Tomato salad',
    'It is on: Greens on the hob',
    'Off the heat: Greens off the heat',
    'Off the heat: Roast potatoes off the heat',
    'Off the heat: Aubergine bake off the heat',
  ]) {
    await later(5);
    await tick(name);
  }
  await tick('All is on the table: On the table');

  // What no food tells of is ticked; the lamb goes by its own page.
  await later(30);
  await tick('Put away: Put away what is left of Roast potatoes');
  await tick('Put away: Put away what is left of Greens');
  await tick('Put away: Put away what is left of Leg of lamb');
  await expect(page.getByText('Put leftovers away')).toBeVisible();
  await page.waitForTimeout(2 * LOOK_MS);
  await tap('Into the refrigerator now');
  await expect(page.getByText(/^Leg of lamb: put away/)).toBeVisible();
  // What was heated once already is not kept again: nothing asks for it.
  await openSupper(page);
  await expect(page.getByText('All is done')).toBeVisible();
});

test('a meal is made in a few taps, of the stores, of what is to be bought and of what has only a name', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Plan');
  await tap('New meal');
  await page.getByLabel('What it is called').fill('Launch lunch');
  await page.getByRole('radio', { name: 'Mon', exact: true }).click();
  const dish = async (name: string) => {
    await tap('Add a dish');
    await expect(heading(page, 'A dish')).toBeVisible();
    await page.waitForTimeout(LOOK_MS);
    await page.getByLabel('What is to be eaten?').fill(name);
  };
  await dish('Cod');
  await tap(/^Cod fillets.*900 g, frozen/);
  await page.getByLabel('Cook, min').fill('15');
  await expect(page.getByText(/^For 2 the chart says/)).toBeVisible();
  await tap('Done');
  await dish('chicken breast');
  await page
    .getByRole('button', { name: /^Chicken breast/ })
    .first()
    .click();
  await page.getByLabel('Weight', { exact: true }).fill('0.8');
  await page.getByRole('radio', { name: 'Fresh', exact: true }).click();
  await tap('Done');
  await dish('Mash');
  await page.waitForTimeout(LOOK_MS);
  await tap('Cook it, nothing raw in it');
  await tap(/^Mash/);
  await page.waitForTimeout(LOOK_MS);
  await tap('Something else to buy');
  await page.getByLabel('Dry goods').fill('Nutmeg');
  await page.getByLabel('Chilled').fill('Butter, milk');
  await tap('Done');
  await dish('Pickles');
  await page.waitForTimeout(LOOK_MS);
  await tap('A guest brings it, cold');
  await expect(page.getByText('All on the table at 19:00')).toBeVisible({ timeout: 30_000 });
  // What was filled in is there after a reload.
  await page.reload();
  await expect(page.getByText('All on the table at 19:00')).toBeVisible({ timeout: 30_000 });
  await tap('Plan it this way');
  await expect(heading(page, 'Launch lunch')).toBeVisible();
  await expect(page.getByText('To be bought')).toBeVisible();
  await expect(page.getByText(/^800 g, fresh\. Not before Sunday .*, by Monday/)).toBeVisible();
  await page.waitForTimeout(LOOK_MS);
  await tap(/^Bought, in a cold bag/);
  await expect(page.getByRole('button', { name: /^Bought, in a cold bag/ })).toHaveCount(0);
  const butter = page.getByRole('checkbox', { name: 'Butter, for Mash' });
  await butter.click();
  await expect(butter).toBeChecked();
  await page.reload();
  await expect(butter).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Nutmeg, for Mash' })).not.toBeChecked();
  await go('Stores');
  await page.getByRole('textbox', { name: 'Look for' }).fill('chicken breast');
  await expect(page.getByRole('link', { name: /^Chicken breast/ })).toBeVisible();

  // Not wanted any more it is gone, and the way back is one tap.
  await go('Plan');
  await page.getByRole('link', { name: /^Launch lunch/ }).click();
  await page.waitForTimeout(LOOK_MS);
  await tap('Not wanted any more');
  await expect(page.getByRole('link', { name: /^Launch lunch/ })).toHaveCount(0);
  await tap('Undo');
  await expect(page.getByRole('link', { name: /^Launch lunch/ })).toBeVisible();
});

test('a meal that does not fit says why, and the change that helps is a button', async ({
  kitchen,
  baseURL,
}) => {
  const { page, enter } = kitchen;
  await enter();
  const { settings } = await (await page.request.get('/api/household')).json();
  await page.request.patch('/api/household/settings', {
    headers: { origin: baseURL! },
    data: { kitchen: { ...settings.kitchen, rings: 1 } },
  });
  await page.goto('/plan/meal/new');
  const { tap } = kitchen;
  for (const name of ['Rice', 'Greens']) {
    await tap('Add a dish');
    await page.waitForTimeout(LOOK_MS);
    await page.getByLabel('What is to be eaten?').fill(name);
    await page.waitForTimeout(LOOK_MS);
    await tap('Cook it, nothing raw in it');
    await tap(new RegExp(`^${name}`));
    await page.waitForTimeout(LOOK_MS);
    await page.getByLabel('Can wait, min').fill('0');
    await tap('Done');
    await page.waitForTimeout(LOOK_MS);
  }
  await expect(page.getByText('It does not fit', { exact: true })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('One ring for Rice, Greens.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'It does not fit yet' })).toBeDisabled();
  await tap(/may wait .* longer for the table/);
  await expect(page.getByText('All on the table at 19:00')).toBeVisible({ timeout: 30_000 });
});

test('an icy middle: the way that is left is taken for the whole meal', async ({ kitchen }) => {
  const { page, enter, tap, later } = kitchen;
  await enter();
  await later(14 * 60 + 43);
  await openSupper(page);
  await tap('Still icy');
  await page.getByLabel('Centre, °C').fill('-3');
  await expect(page.getByRole('heading', { name: 'Finish it in cold water' })).toBeVisible({
    timeout: 60_000,
  });
  await page.waitForTimeout(LOOK_MS);
  await tap('Plan the meal so: Finish it in cold water');
  await expect(heading(page, 'Crew supper')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('Leg of lamb: change the water').first()).toBeVisible();
  // It goes into the water when it can go on from there, and not before.
  await expect(page.getByText('Leg of lamb: into cold water').first()).toBeVisible();
});

test('what the probe reads moves the meal, wherever it is logged', async ({ kitchen }) => {
  const { page, enter, tap, later, food } = kitchen;
  await enter();
  await later(14 * 60 + 43);
  await openSupper(page);
  for (const [minutes, name] of [
    [0, 'Thawed: Leg of lamb: feel for ice'],
    [310, 'Oven is on: Oven to 165 °C'],
    [5, 'Begun: Prepare Leg of lamb'],
    [20, 'It is on: Leg of lamb into the oven'],
  ] as const) {
    if (minutes) await later(minutes);
    await page.waitForTimeout(2 * LOOK_MS);
    await tap(name);
    await expect(page.getByRole('button', { name })).toHaveCount(0);
  }
  const timer = page.getByRole('timer').filter({ hasText: 'Leg of lamb in the oven' });
  await expect(timer).toContainText('17:50');
  // A middle that cold after an hour and a half is behind the chart.
  await later(95);
  await food('Leg of lamb');
  await page.goto(`${page.url()}/cook`);
  await page.getByRole('radio', { name: /Thickest part/ }).click();
  await page.getByLabel('Reading', { exact: true }).fill('24');
  await tap('Record');
  await expect(page.getByText(/thickest part read 24 °C at/)).toBeVisible();
  await openSupper(page);
  await expect(page.getByText(/^Leg of lamb off the heat: .* later\.$/)).toBeVisible({ timeout: 30_000 });
  await expect(timer).not.toContainText('17:50');
});

test('what is left of a supper is planned for the days after, and is not there without it', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await page.goto('/plan/meal/new');
  await page.getByRole('radio', { name: 'Sun', exact: true }).click();
  await tap('Add a dish');
  await page.waitForTimeout(LOOK_MS);
  await page.getByLabel('What is to be eaten?').fill('lamb');
  await page.waitForTimeout(LOOK_MS);
  await tap(/^Leg of lamb.*From Crew supper, eaten cold/);
  await expect(page.getByText('All on the table at 19:00')).toBeVisible({ timeout: 30_000 });
  // At noon before the supper there is none yet.
  await page.getByRole('radio', { name: 'Tomorrow', exact: true }).click();
  await page.getByLabel('At', { exact: true }).fill('12:00');
  await expect(page.getByText(/^Leg of lamb: it is left over only after this/)).toBeVisible({
    timeout: 30_000,
  });

  // The flatbreads of Sunday hang on it as well.
  await go('Plan');
  await page.getByRole('link', { name: /^Crew supper/ }).click();
  await page.waitForTimeout(LOOK_MS);
  await tap('Not wanted any more');
  await expect(page.getByRole('link', { name: /^Crew supper/ })).toHaveCount(0);
  await page.getByRole('link', { name: /^Flatbreads/ }).click();
  await expect(page.getByText('It cannot go on like this')).toBeVisible({ timeout: 30_000 });
});

test('on a wide screen a task is given a time by keyboard, and stays there', async ({ kitchen }) => {
  const { page, enter } = kitchen;
  await page.setViewportSize({ width: 1280, height: 800 });
  await enter();
  await openSupper(page);
  const bar = page.getByRole('button', { name: /^Tomato salad, 18:\d\d to/ });
  const before = (await bar.getAttribute('aria-label'))!;
  await bar.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: /^Tomato salad, .*stays at its time/ })).toBeVisible({
    timeout: 20_000,
  });
  const after = (await page
    .getByRole('button', { name: /^Tomato salad, .*stays/ })
    .getAttribute('aria-label'))!;
  expect(after).not.toBe(before);
  await page.reload();
  await expect(page.getByRole('button', { name: after })).toBeVisible();

  // Dragged it goes where it was let go, in steps of five minutes.
  await page.getByRole('button', { name: after }).scrollIntoViewIfNeeded();
  const box = (await page.getByRole('button', { name: after }).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x - 30, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: after })).toHaveCount(0, { timeout: 20_000 });
  await expect(page.getByRole('button', { name: /^Tomato salad, .*stays/ })).toBeVisible();
});
