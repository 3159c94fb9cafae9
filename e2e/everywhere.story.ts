import { LAPTOP } from '../scripts/lib/browser';
import { expect, rest, test } from './kitchen';

test('a reading is recorded from Now in at most three taps', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  let taps = 0;
  await page.getByRole('link', { name: /Cook or freeze by tomorrow/ }).click();
  taps += 1;
  await tap('Log a reading');
  taps += 1;
  await page.getByLabel('Reading', { exact: true }).fill('4');
  await tap('Record');
  taps += 1;
  await expect(page.getByText('Chicken thighs: the thickest part read 4 °C, 19:02')).toBeVisible();
  expect(taps).toBeLessThanOrEqual(3);
});

test('units switch beside any number and stay switched', async ({ kitchen }) => {
  const { page, enter, go, tap, food } = kitchen;
  await enter();
  await food('Lamb shoulder');
  await rest(page, page.getByText(/2\.4 kg/).first());
  await tap('Show °F and pounds');
  await expect(page.getByText(/5 lb 5 oz/).first()).toBeVisible();
  await go('Guide');
  await expect(page.getByRole('link', { name: /^Poultry.*165 °F/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: /^Poultry.*165 °F/ })).toBeVisible();
});

test('whoever rests on a number within a button asks about its units, and does not press it', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Stores');
  const shoulder = page.getByRole('link', { name: /^Lamb shoulder/ });
  await rest(page, shoulder.getByText(/2\.4 kg/));
  await expect(page.getByRole('group', { name: 'Units' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('group', { name: 'Units' })).toHaveCount(0);
  await rest(page, shoulder.getByText(/2\.4 kg/));
  await tap('Show °F and pounds');
  await expect(shoulder.getByText(/5 lb 5 oz/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
});

test('the demo’s clock moves ahead and the story starts again', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await page.getByRole('link', { name: 'Household' }).click();
  await tap('+ 1 h');
  await expect(page.getByText('20:02', { exact: true })).toBeVisible();
  await tap('Start the story again');
  await expect(page.getByText('19:02', { exact: true })).toBeVisible();
});

test('a wide window has a rail, and the list beside its detail', async ({ kitchen }) => {
  const { page, enter, go } = kitchen;
  await page.setViewportSize(LAPTOP);
  await enter();
  await go('Stores');
  await page.getByRole('link', { name: /^Saffron rice/ }).click();
  await expect(page.getByRole('heading', { name: 'Saffron rice', level: 1 })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Saffron rice', level: 1 })).toBeVisible();
});

test('every place opens by its address without a script error', async ({ kitchen }) => {
  const { page, enter } = kitchen;
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  await enter();
  for (const path of [
    '/now',
    '/plan',
    '/plan/new',
    '/stores',
    '/guide',
    '/guide/rule/home.bandTime.limit',
    '/guide/differences',
    '/guide/sources',
    '/add',
    '/log',
    '/household',
    '/thermometers',
    '/thermometers/dial',
    '/thermometers/nothing',
    '/devices',
    '/devices/nothing',
    '/record/refrigerator',
    '/record/oven',
  ]) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // Before signing in the household is asked for once and refused; that is the door's own way.
  expect(errors.filter((text) => !text.includes('401'))).toEqual([]);
});

test('Now stands without another request; without what the page brings it asks', async ({ kitchen }) => {
  const { page, enter } = kitchen;
  await enter();
  const asked: string[] = [];
  page.on('request', (request) => {
    const { pathname } = new URL(request.url());
    if (/^\/api\/(household|foods)$/.test(pathname)) asked.push(pathname);
  });
  await page.goto('/');
  await expect(page.getByText('Fish pie, half a tray').first()).toBeVisible();
  expect(page.url()).toMatch(/\/now$/);
  expect(asked).toEqual([]);
  await page.goto('/guide');
  await expect(page.getByRole('heading', { name: 'Guide', level: 1 })).toBeVisible();
  // To be told what happens from there on, it asks how far all stands.
  await expect.poll(() => asked).toEqual(['/api/household', '/api/foods']);
});

test('the bar lights the place one is at, after a way back too', async ({ kitchen }) => {
  const { page, enter, go } = kitchen;
  await enter();
  await go('Plan');
  const lit = page.getByRole('navigation').locator('[aria-current=page]');
  await expect(lit).toHaveText('Plan');
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
  await expect(lit).toHaveText('Now');
  await page.getByRole('navigation').getByRole('link', { name: 'Log' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Log', level: 1 })).toBeVisible();
  await expect(lit).toHaveText('Log');
});
