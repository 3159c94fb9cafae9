import { expect, test } from './kitchen';

test('a reload in the middle loses nothing, and every page has its own address', async ({ kitchen }) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await tap('Cook it');
  await tap('It is on the heat');
  await page.getByLabel('Reading', { exact: true }).fill('61');
  await tap('Record');
  await expect(page.getByText('12.9 °C to go')).toBeVisible();
  await page.reload();
  await expect(page.getByText('12.9 °C to go')).toBeVisible();
  await page.goBack();
  await expect(page.getByText('On the heat, to 74 °C.')).toBeVisible();
});

test('entries made while the server is away are kept through a reload and sent later, in order', async ({
  kitchen,
}) => {
  const { page, enter, food, tap } = kitchen;
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await page.route('**/api/events', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  await tap('Cook it');
  await tap('It is on the heat');
  await page.getByLabel('Reading', { exact: true }).fill('75');
  await tap('Record');
  await expect(page.getByText('Now read another piece.')).toBeVisible();
  await page.getByLabel('Reading', { exact: true }).fill('76');
  await tap('Record');
  await expect(page.getByText('Target met.')).toBeVisible();
  await expect(page.getByText(/^3 entries to be sent\./)).toBeVisible();
  // What was just noted does not lie over it: a finger could touch it.
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  await page.getByText(/^3 entries to be sent\./).click({ trial: true, timeout: 3000 });
  await page.reload();
  await expect(page.getByText(/^3 entries to be sent\./)).toBeVisible();
  await page.unroute('**/api/events');
  await page.reload();
  await expect(page.getByText('Target met.')).toBeVisible();
  await expect(page.getByText(/to be sent/)).toHaveCount(0);
});

test('an entry the server will not take is laid aside and takes no other with it', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  const answer = (status: number, detail: string) => ({
    status,
    contentType: 'application/problem+json',
    body: JSON.stringify({ type: 'about:blank', title: 'Not possible', status, detail }),
  });
  await page.route('**/api/events', (route) =>
    route.request().postData()?.includes('"waterChanged"')
      ? route.fulfill(answer(422, 'That has not happened yet. Check the time.'))
      : route.continue(),
  );
  await tap('Water changed: Side of trout');
  await expect(page.getByText(/Not taken: “Water changed”, 19:02\. That has not happened yet/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Not taken: “Water changed”/)).toBeVisible();
  await tap('Drop it');
  await expect(page.getByText(/Not taken/)).toHaveCount(0);
});

test('a server that is away is one sentence and a way on', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  // A place that is told nothing in its page has to ask, and this device knows of no kitchen itself.
  await page.evaluate(() => localStorage.clear());
  await page.route('**/api/**', (route) => route.abort());
  await page.goto('/guide');
  await expect(page.getByText('The kitchen’s server cannot be reached.')).toBeVisible();
  await page.unroute('**/api/**');
  await tap('Try again');
  await expect(page.getByRole('heading', { name: 'Guide', level: 1 })).toBeVisible();
});

test('a broken cookie leads back to the door', async ({ kitchen }) => {
  const { page, enter } = kitchen;
  await enter();
  const { hostname } = new URL(page.url());
  await page
    .context()
    .addCookies([{ name: 'omtel_session', value: '%%broken', domain: hostname, path: '/' }]);
  await page.goto('/stores');
  await expect(page.getByRole('button', { name: 'Open the boatyard’s kitchen' })).toBeVisible();
});

test('a page that cannot be shown says so, and there is a way on', async ({ kitchen }) => {
  const { page, enter } = kitchen;
  await enter();
  // A place that is told no foods in its page asks for them when the next one opens.
  await page.goto('/guide');
  await page.route('**/api/foods', (route) => route.fulfill({ json: { foods: [{ state: {} }] } }));
  // What asks for the foods meanwhile, by itself, takes the link away as well.
  const stores = page.getByRole('navigation').getByRole('link', { name: 'Stores' });
  await stores.click({ timeout: 5_000 }).catch(() => undefined);
  await expect(
    page.getByText('This page could not be shown. Nothing that was recorded is lost.'),
  ).toBeVisible();
  await page.unroute('**/api/foods');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
});

test('once Now has been looked at, every place opens without a network', async ({ kitchen, context }) => {
  const { page, enter, go } = kitchen;
  await enter();
  await page.waitForResponse((response) => response.url().endsWith('/api/events'));
  await context.setOffline(true);
  for (const place of ['Stores', 'Plan', 'Guide', 'Log', 'Now'] as const) await go(place);
  await go('Stores');
  await page.getByRole('radio', { name: 'Eat next' }).click();
  await expect(page.getByRole('link', { name: /^Fish pie, half a tray/ })).toBeVisible();
  await context.setOffline(false);
});
