import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { openStage } from '../scripts/lib/stage';
import { ensureWebBuild } from '../scripts/lib/webBuild';
import { another, found, newName, now, PASSPHRASE, putIn, secondPhone, signIn } from './atTheDoor';
import { expect, test } from './kitchen';
import { readPdf, savedBy } from './printed';

test.use({ serviceWorkers: 'allow' });

const WITHOUT = /server cannot be reached/;
const TO_BE_SENT = /to be sent/;

/** The addresses of which this device keeps what was told; none where it keeps nothing. */
const keptOn = (page: Page): Promise<string[]> =>
  page.evaluate(async () => {
    const names = (await indexedDB.databases()).map(({ name }) => name!);
    const done = <Result>(asked: IDBRequest<Result>) =>
      new Promise<Result>((resolve) => (asked.onsuccess = () => resolve(asked.result)));
    const keys: string[] = [];
    for (const name of names.filter((each) => each.startsWith('omtel-kept.'))) {
      const db = await done(indexedDB.open(name));
      keys.push(...((await done(db.transaction('answers').objectStore('answers').getAllKeys())) as string[]));
      db.close();
    }
    return keys;
  });

/** Waits until this device has all it needs to open without a server: the build, and what so many foods went through. */
async function isKept(page: Page, foods: number): Promise<void> {
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  const trails = async () => (await keptOn(page)).filter((path) => /^\/foods\/[0-9a-f-]{36}$/.test(path));
  await expect(async () => expect((await trails()).length).toBeGreaterThanOrEqual(foods)).toPass();
}

/** The demo's foods at hand, at least. */
const DEMO_FOODS = 15;

async function heading(page: Page, name: string | RegExp): Promise<void> {
  await expect(page.getByRole('heading', { name, level: 1 })).toBeVisible();
}

test('after one visit everything opens without a server, and what is recorded there arrives later', async ({
  kitchen,
  stage,
}) => {
  const { page, enter, go, food, tap } = kitchen;
  await enter();
  await isKept(page, DEMO_FOODS);
  await stage.away();
  try {
    await page.reload();
    await expect(now(kitchen)).toBeVisible();
    await expect(page.getByText(WITHOUT)).toBeVisible();
    // Places nobody opened before: their code is here, and what they show.
    for (const place of ['Stores', 'Guide', 'Log', 'Plan'] as const) await go(place);
    await page
      .getByRole('link', { name: /supper/i })
      .first()
      .click();
    await expect(page.getByText(/^9 at the table/).first()).toBeVisible();
    for (const [path, name] of [
      ['/guide/sanitiser', /./],
      ['/ask', /./],
      ['/household', 'The boatyard'],
      ['/thermometers', 'Thermometers'],
      ['/record/refrigerator', /refrigerator/i],
    ] as const) {
      await page.goto(path);
      await heading(page, name);
    }
    // The card for the door, with the letters it is set in.
    await page.goto('/print/door');
    expect((await readPdf(await savedBy(page, 'Save as PDF'))).text).toContain('Side of trout 1.1 kg');
    // A food's trail.
    await page.goto('/stores');
    await food('Lamb shoulder');
    await tap('Its whole trail');
    await expect(page.getByText('2.4 kg, frozen, in the freezer').first()).toBeVisible();

    await page.goto('/stores');
    await food('Chicken thighs');
    await tap('Log a reading');
    await tap('Cook it');
    await tap('It is on the heat');
    await page.getByLabel('Reading', { exact: true }).fill('75');
    await tap('Record');
    await expect(page.getByText('Now read another piece.')).toBeVisible();
    // The worker has its code here as well.
    await expect(page.getByText('Computed from heat transfer', { exact: false }).first()).toBeVisible();
    await page.reload();
    await expect(page.getByText('Now read another piece.')).toBeVisible();
    await expect(page.getByText(/^2 entries to be sent\./)).toBeVisible();
    await tap('Show what waits');
    await expect(page.getByText('Chicken thighs: On the heat')).toBeVisible();
    await expect(page.getByText('Chicken thighs: Read 75 °C', { exact: false })).toBeVisible();
    await go('Log');
    await expect(page.getByText('On the heat').first()).toBeVisible();
  } finally {
    await stage.back();
  }
  await expect(page.getByText(WITHOUT)).toHaveCount(0);
  await expect(page.getByText(TO_BE_SENT)).toHaveCount(0);
  const { entries } = await (await page.request.get('/api/events')).json();
  expect(
    entries
      .slice(0, 2)
      .map(({ event }: { event: { type: string } }) => event.type)
      .toSorted(),
  ).toEqual(['cookingStarted', 'reading']);
});

test('without a server a food is put in, the power fails, and the settings change; all of it arrives', async ({
  kitchen,
  stage,
}) => {
  const { page, enter, go, food, tap, ruling } = kitchen;
  await enter();
  await isKept(page, DEMO_FOODS);
  await stage.away();
  try {
    await putIn(page, 'Red lentil soup');
    await page.goto('/stores');
    await page.getByRole('radio', { name: 'By place' }).click();
    await tap('Read it: the refrigerator’s temperature');
    await page.getByLabel('Air of the refrigerator').fill('4');
    await tap(/^Record$/);
    await expect(page.getByText(/^4 °C at 19:02/)).toBeVisible();
    await food('Tray of aubergine bake');
    await ruling('Fine');
    await go('Stores');
    await page.getByRole('radio', { name: 'By place' }).click();
    await page.waitForTimeout(1000);
    await tap('Power cut');
    await page.getByLabel('No power since').fill('18:30');
    await tap('Record the power cut');
    await expect(page.getByRole('heading', { name: 'The power is off since 18:30' })).toBeVisible();
    // What it means for what is in there is said at once, not when there is a server again.
    await food('Tray of aubergine bake');
    await ruling('Act by');
    await page.goto('/household');
    await page.getByRole('radio', { name: '°F', exact: true }).click();
    await page.goto('/stores');
    await page.getByRole('radio', { name: 'By place' }).click();
    await expect(page.getByText(/^39\.2 °F at 19:02/)).toBeVisible();
    await expect(page.getByText(/^4 entries to be sent\./)).toBeVisible();
  } finally {
    await stage.back();
  }
  await expect(page.getByText(TO_BE_SENT)).toHaveCount(0);
  await expect(page.getByText(WITHOUT)).toHaveCount(0);
  const told = async (path: string) => (await page.request.get(`/api${path}`)).json();
  expect((await told('/household')).settings.units.temperature).toBe('F');
  expect((await told('/foods')).powerCut).not.toBeNull();
  expect((await told('/stores/readings')).readings[0].temperature).toEqual({ value: 4, unit: 'C' });
  await food('Tray of aubergine bake');
  await ruling('Act by');
});

test('without a server a meal is planned and scheduled, and it is everybody’s once there is one', async ({
  kitchen,
  stage,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await isKept(page, DEMO_FOODS);
  await stage.away();
  try {
    await page.goto('/plan/meal/new');
    await page.getByLabel('What it is called').fill('Cellar lunch');
    await page.getByRole('radio', { name: 'Mon', exact: true }).click();
    await tap('Add a dish');
    await page.getByLabel('What is to be eaten?').fill('Cod');
    await tap(/^Cod fillets.*900 g, frozen/);
    await page.getByLabel('Cook, min').fill('15');
    await tap('Done');
    // The schedule is worked out on the device itself.
    await expect(page.getByText('All on the table at 19:00')).toBeVisible();
    await tap('Plan it this way');
    await heading(page, 'Cellar lunch');
    const steps = page.getByRole('list', { name: 'Steps' });
    await expect(steps).toContainText('Cod fillets');
    await page.reload();
    await heading(page, 'Cellar lunch');
    await expect(steps).toContainText('Cod fillets');
    await expect(page.getByText(/^\d entr(y|ies) to be sent\./)).toBeVisible();
  } finally {
    await stage.back();
  }
  await expect(page.getByText(TO_BE_SENT)).toHaveCount(0);
  await expect(page.getByText(WITHOUT)).toHaveCount(0);
  const { meals } = await (await page.request.get('/api/foods')).json();
  expect(meals.map(({ wanted }: { wanted: { name: string } }) => wanted.name)).toContain('Cellar lunch');
  await go('Plan');
  await expect(page.getByRole('link', { name: /^Cellar lunch/ })).toBeVisible();
});

test('two phones cook one supper, one without a network in the middle: each hears of the other, and what both did was done once', async ({
  kitchen,
  browser,
}) => {
  const { page, enter, tap, food } = kitchen;
  await enter();
  const phone = await secondPhone(kitchen, browser, '/now');
  await isKept(phone, DEMO_FOODS);
  const step = (of: Page) => of.getByRole('heading', { name: /^Change the water, / });
  await phone.context().setOffline(true);
  // Both change the water; the one in the cellar cannot know that it was changed.
  await tap('Water changed');
  await expect(step(page)).toHaveText('Change the water, 3rd of 3');
  await phone.getByRole('button', { name: 'Water changed' }).first().click();
  await expect(step(phone)).toHaveText('Change the water, 3rd of 3');
  await food('Chicken thighs');
  await tap('Throw away');
  await expect(page.getByText('Chicken thighs: thrown away')).toBeVisible();
  await phone.goto('/stores');
  await expect(phone.getByText(WITHOUT)).toBeVisible();
  await phone.getByRole('radio', { name: 'Eat next' }).click();
  await phone.getByRole('link', { name: /^Red lentil soup/ }).click();
  await phone.getByRole('button', { name: 'Taken outdoors' }).click();
  await expect(phone.getByText(/^Outdoors since 19:02/)).toBeVisible();

  await phone.context().setOffline(false);
  await expect(phone.getByText(TO_BE_SENT)).toHaveCount(0);
  await expect(page.getByText(/^Elsewhere: Red lentil soup/)).toBeVisible();
  await phone.goto('/stores');
  await expect(phone.getByText('Red lentil soup').first()).toBeVisible();
  await expect(phone.getByText('Chicken thighs', { exact: true })).toHaveCount(0);
  for (const each of [page, phone]) {
    await each.goto('/now');
    await expect(step(each)).toHaveText('Change the water, 3rd of 3');
  }
  await phone.context().close();
});

test('a lost phone that is signed out shows the door, and keeps nothing of the kitchen', async ({
  kitchen,
  browser,
  baseURL,
}) => {
  const { page, tap } = kitchen;
  const name = newName();
  await found(kitchen, name);
  await page.goto('/now');
  const lost = await another(kitchen, browser, baseURL);
  await signIn(lost, name, PASSPHRASE);
  await expect(now({ page: lost })).toBeVisible();
  await lost.evaluate(async () => void (await navigator.serviceWorker.ready));
  await expect(async () => expect(await keptOn(lost)).toContain('/foods')).toPass();
  await page.goto('/household');
  await tap('People, devices and passphrase');
  await tap('Sign all others out');
  await expect(lost.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await expect(async () => expect(await keptOn(lost)).toEqual([])).toPass();
  await lost.context().setOffline(true);
  await lost.goto('/now');
  await expect(lost.getByRole('heading', { name: 'Now', level: 1 })).toHaveCount(0);
  await lost.context().close();
});

test('a new version is offered, and taken when somebody says so', async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'omtel-build-'));
  const root = join(folder, 'dist');
  cpSync(await ensureWebBuild(), root, { recursive: true });
  const stage = await openStage(undefined, undefined, root);
  try {
    await page.goto(stage.address);
    await page.getByRole('button', { name: 'Open the boatyard’s kitchen' }).click();
    await expect(now({ page })).toBeVisible();
    await isKept(page, DEMO_FOODS);
    const change = (file: string, from: RegExp | string, to: string) => {
      const path = join(root, file);
      const text = readFileSync(path, 'utf8');
      expect(text).toMatch(from);
      writeFileSync(path, text.replace(from, to));
      for (const end of ['br', 'gz']) rmSync(`${path}.${end}`);
    };
    change('index.html', '<title>Omtel</title>', '<title>Omtel</title><meta name="build" content="next" />');
    change('service-worker.js', /\{[^{}]*"url":"index\.html"[^{}]*\}/, '{url:"index.html",revision:"next"}');
    const isNext = () => page.locator('meta[name=build]').count();
    const offered = page.getByRole('button', { name: 'Use the new version' });
    await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
    await expect(offered).toBeVisible();
    // It is taken by nobody's leave but one's own, whatever is opened and reloaded meanwhile.
    await page.reload();
    await expect(offered).toBeVisible();
    expect(await isNext()).toBe(0);
    await page.waitForTimeout(1000);
    await offered.click();
    await expect(async () => expect(await isNext()).toBe(1)).toPass();
    await expect(now({ page })).toBeVisible();
    await expect(offered).toHaveCount(0);
  } finally {
    await stage.stop();
    rmSync(folder, { recursive: true });
  }
});

test('a page of an older Omtel than its server says so, and keeps what is recorded', async ({ kitchen }) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await isKept(page, DEMO_FOODS);
  // As a page of before would speak.
  await page.route('**/api/**', (route) =>
    route.continue({ headers: { ...route.request().headers(), 'omtel-speaks': '0' } }),
  );
  await tap('Water changed');
  await expect(page.getByText(/^1 entry to be sent\. This page is of an older Omtel/)).toBeVisible();
  await page.unroute('**/api/**');
  await page.reload();
  await expect(page.getByText(TO_BE_SENT)).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Change the water, 3rd of 3' })).toBeVisible();
});
