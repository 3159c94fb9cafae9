import type { Page } from '@playwright/test';
import { expect, test } from './kitchen';

test.use({ serviceWorkers: 'allow' });

/** Waits until this device has all it needs to open without a server: the build, and what the kitchen has at hand. */
async function isKept(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect
    .poll(() =>
      page.evaluate(async () => {
        const [name] = (await indexedDB.databases())
          .map((each) => each.name!)
          .filter((each) => /^omtel-kept/.test(each));
        if (!name) return 0;
        const db = await new Promise<IDBDatabase>((resolve) => {
          const asked = indexedDB.open(name);
          asked.onsuccess = () => resolve(asked.result);
        });
        const keys = await new Promise<IDBValidKey[]>((resolve) => {
          const asked = db.transaction('answers').objectStore('answers').getAllKeys();
          asked.onsuccess = () => resolve(asked.result);
        });
        db.close();
        return keys.filter((key) => /^\/foods\/[0-9a-f-]{36}$/.test(String(key))).length;
      }),
    )
    .toBeGreaterThan(10);
}

test('after one visit everything opens without a server, and what is recorded there arrives later', async ({
  kitchen,
  stage,
}) => {
  const { page, enter, go, food, tap, ruling } = kitchen;
  await enter();
  await isKept(page);
  await stage.away();
  try {
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Now', level: 1 })).toBeVisible();
    await expect(page.getByText(/server cannot be reached/)).toBeVisible();
    await food('Chicken thighs');
    await page.screenshot({ path: '/tmp/off1.png' });
    await tap('Log a reading');
    await tap('Cook it');
    await tap('It is on the heat');
    await page.getByLabel('Reading', { exact: true }).fill('75');
    await tap('Record');
    await expect(page.getByText('Now read another piece.')).toBeVisible();
    await page.reload();
    await expect(page.getByText('Now read another piece.')).toBeVisible();
    await expect(page.getByText(/^2 entries to be sent\./)).toBeVisible();
    await tap('Show what waits');
    await page.screenshot({ path: '/tmp/off2.png' });
    for (const place of ['Stores', 'Guide', 'Log', 'Plan', 'Now'] as const) await go(place);
    await page.screenshot({ path: '/tmp/off3.png' });
  } finally {
    await stage.back();
  }
  await expect(page.getByText(/server cannot be reached/)).toHaveCount(0);
  await expect(page.getByText(/to be sent/)).toHaveCount(0);
  void ruling;
});
