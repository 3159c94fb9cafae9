import type { Household } from '@omtel/core/api';
import type { Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { now } from './atTheDoor';
import { expect, test, type Kitchen } from './kitchen';

test.use({ serviceWorkers: 'allow', permissions: ['notifications'] });

const MINUTE_MS = 60_000;

/** What the system shows of Omtel now. */
const shownBySystem = (page: Page): Promise<{ title: string; body: string; page: string }[]> =>
  page.evaluate(async () => {
    const shown = await (await navigator.serviceWorker.ready).getNotifications();
    return shown.map(({ title, body, data }) => ({ title, body, page: (data as { page: string }).page }));
  });

const household = async ({ page }: Kitchen): Promise<Household> =>
  (await page.request.get('/api/household')).json();

/** Moves the kitchen's clock while a page is open, as far as somebody may have waited for it. */
async function waits(kitchen: Kitchen, ms: number): Promise<void> {
  const { clock } = await household(kitchen);
  const moved = await kitchen.page.request.put('/api/household/clock', {
    headers: { origin: new URL(kitchen.page.url()).origin },
    data: { aheadMs: clock.aheadMs + ms },
  });
  expect(moved.ok()).toBe(true);
}

/** A soup that has stood out for so long. */
async function soupOut(kitchen: Kitchen, minutes: number): Promise<void> {
  const at = Math.round((await household(kitchen)).clock.now - minutes * MINUTE_MS);
  const added = {
    id: uuid(),
    foodId: uuid(),
    at,
    type: 'added',
    payload: {
      foodKey: 'lentil-soup',
      name: 'Test soup',
      massKg: 1,
      form: 'liquid',
      condition: 'cooked',
      place: 'counter',
      since: at,
    },
  };
  const taken = await kitchen.page.request.post('/api/events', {
    headers: { origin: new URL(kitchen.page.url()).origin },
    data: { events: [added] },
  });
  expect(await taken.text()).toContain('accepted');
}

test('what falls due is said on the page, once, and what is done is due no more', async ({ kitchen }) => {
  const { page, enter, tap, go } = kitchen;
  await enter();
  // Half an hour is left of two when somebody is told.
  await soupOut(kitchen, 89.5);
  await page.reload();
  await expect(now(kitchen)).toBeVisible();
  await expect(page.getByText('Test soup').first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^Seen: / })).toHaveCount(0);
  await page.waitForTimeout(1_000);
  await waits(kitchen, MINUTE_MS * 0.75);
  const seen = page.getByRole('button', { name: /^Seen: Test soup/ });
  await expect(seen).toBeVisible();
  await tap(/^Open what is due/);
  await expect(page.getByRole('heading', { name: 'Test soup', level: 1 })).toBeVisible();
  await expect(seen).toHaveCount(0);
  await waits(kitchen, MINUTE_MS * 0.75);
  await go('Now');
  await expect(seen).toHaveCount(0);
});

test('a kitchen that is open in two tabs is told of in both, and rings once', async ({
  kitchen,
  context,
}) => {
  const { page, enter } = kitchen;
  await context.addInitScript(() => {
    const counted = globalThis as unknown as { rang: number };
    counted.rang = 0;
    const createOscillator = AudioContext.prototype.createOscillator;
    AudioContext.prototype.createOscillator = function create() {
      counted.rang += 1;
      return createOscillator.call(this);
    };
  });
  const rang = (tab: Page) => tab.evaluate(() => (globalThis as unknown as { rang: number }).rang);
  await enter();
  await soupOut(kitchen, 89.5);
  const other = await context.newPage();
  for (const tab of [page, other]) {
    await tab.goto('/now');
    await expect(tab.getByText('Test soup').first()).toBeVisible();
    // A page that was never touched makes no sound.
    await tab.getByRole('heading', { name: 'Now', level: 1 }).click();
  }
  await page.waitForTimeout(1_000);
  await waits(kitchen, MINUTE_MS * 0.75);
  for (const tab of [page, other])
    await expect(tab.getByRole('button', { name: /^Seen: Test soup/ })).toBeVisible();
  await expect.poll(async () => (await rang(page)) + (await rang(other))).toBeGreaterThan(0);
  expect(Math.min(await rang(page), await rang(other))).toBe(0);
});

test('a device is reminded by its system, asked for where somebody wants it, and no more when they do not', async ({
  kitchen,
}) => {
  const { page, enter, tap } = kitchen;
  await enter();
  await page.evaluate(async () => void (await navigator.serviceWorker.ready));
  await page.goto('/household');
  await tap('Remind me on this device');
  await expect(page.getByText(/reminded while Omtel is behind other pages, too\./)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Try a reminder' })).toBeVisible();
  await tap('Try a reminder');
  await expect(page.getByText('It is on its way.')).toBeVisible();
  await expect
    .poll(async () => (await shownBySystem(page)).map(({ title }) => title))
    .toEqual(['Omtel reminds you here']);

  // A page that is not open: what its push service brings is shown by the worker.
  const debug = await page.context().newCDPSession(page);
  const registered = new Promise<string>((resolve) =>
    debug.on('ServiceWorker.workerRegistrationUpdated', ({ registrations }) => {
      const [first] = registrations.filter(({ isDeleted }) => !isDeleted);
      if (first) resolve(first.registrationId);
    }),
  );
  await debug.send('ServiceWorker.enable');
  const origin = new URL(page.url()).origin;
  const registrationId = await registered;
  await page.goto('about:blank');
  const data = JSON.stringify({
    tag: 'food.1',
    title: 'Test soup: into the refrigerator',
    body: 'By 19:00.',
    page: '/stores',
    at: 0,
    pressing: true,
    heard: true,
    felt: true,
  });
  for (let twice = 0; twice < 2; twice++)
    await debug.send('ServiceWorker.deliverPushMessage', { origin, registrationId, data });
  await page.goto('/now');
  await expect(now(kitchen)).toBeVisible();
  await expect
    .poll(async () => (await shownBySystem(page)).filter(({ page: opens }) => opens === '/stores'))
    .toEqual([{ title: 'Test soup: into the refrigerator', body: 'By 19:00.', page: '/stores' }]);
  // Before somebody's eyes the page says it, and the system is silent.
  await debug.send('ServiceWorker.deliverPushMessage', {
    origin,
    registrationId,
    data: data.replace('food.1', 'food.2').replace('/stores', '/log'),
  });
  await page.waitForTimeout(1_000);
  expect((await shownBySystem(page)).some(({ page: opens }) => opens === '/log')).toBe(false);

  await page.goto('/household');
  await tap('Not on this device');
  await expect(page.getByRole('button', { name: 'Remind me on this device' })).toBeVisible();
});

test('what the worker is asked to open comes to the page that is open, and a meal asks once whether to remind', async ({
  kitchen,
}) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await go('Plan');
  await page
    .getByRole('link', { name: /supper/i })
    .first()
    .click();
  await expect(page.getByText(/^9 at the table/).first()).toBeVisible();
  // Allowed already: there is nothing to ask.
  await expect(page.getByRole('button', { name: 'Remind me' })).toHaveCount(0);
  await page.evaluate(() =>
    navigator.serviceWorker.dispatchEvent(
      new MessageEvent('message', { data: { type: 'GO_TO', page: '/stores' } }),
    ),
  );
  await expect(page.getByRole('heading', { name: 'Stores', level: 1 })).toBeVisible();
  await page.context().clearPermissions();
  await page.reload();
  await go('Plan');
  await page
    .getByRole('link', { name: /supper/i })
    .first()
    .click();
  await tap('Not here: do not remind me');
  await expect(page.getByRole('button', { name: 'Remind me' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/^9 at the table/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Remind me' })).toHaveCount(0);
});

test('quiet hours, a clock of twelve hours and hours of each day are kept as they are typed', async ({
  kitchen,
}) => {
  const { page, enter, tap, go } = kitchen;
  await enter();
  await page.goto('/household');
  await page.getByRole('radio', { name: '7:30 pm' }).click();
  await page.getByRole('radio', { name: 'Sunday' }).click();
  const quiet = page.getByRole('textbox', { name: 'Quiet hours' });
  await quiet.fill('10 pm');
  await expect(page.getByText('Such as 10:30 pm–6:30 am.', { exact: true })).toBeVisible();
  await quiet.fill('10 pm - 6:30 am');
  await tap('Keep quiet hours');
  await tap('Each day by itself');
  const days = page.getByRole('textbox', { name: /day$/ });
  await expect(days.first()).toHaveAccessibleName('Sunday');
  await expect(days.first()).toHaveValue(/am–.*pm/);
  await expect
    .poll(async () => (await household(kitchen)).settings.reminders.quiet)
    .toEqual({
      from: '22:00',
      to: '06:30',
    });
  await page.reload();
  await expect(quiet).toHaveValue('10:00 pm–6:30 am');
  await go('Now');
  await expect(page.getByText(/, \d+:\d\d [ap]m$/).first()).toBeVisible();
  // Nowhere on the page a time is left of the other clock.
  const words = await page.getByRole('main').innerText();
  expect(words.match(/\b\d?\d:\d\d(?! [ap]m)/g) ?? []).toEqual([]);
});

test('the screen is kept awake while something is on the heat, and no longer', async ({ kitchen }) => {
  const { page, enter, food, tap, go } = kitchen;
  await page.addInitScript(() => {
    const counted = window as unknown as { lit: number };
    counted.lit = 0;
    const request = async () => {
      counted.lit += 1;
      return { release: async () => void (counted.lit -= 1) };
    };
    Object.defineProperty(navigator, 'wakeLock', { value: { request } });
  });
  const lit = () => page.evaluate(() => (window as unknown as { lit: number }).lit);
  await enter();
  await food('Chicken thighs');
  await tap('Log a reading');
  await tap('Cook it');
  expect(await lit()).toBe(0);
  await tap('It is on the heat');
  await expect.poll(lit).toBe(1);
  await go('Now');
  await expect.poll(lit).toBe(0);
});
