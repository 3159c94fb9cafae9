import { randomUUID as uuid } from 'node:crypto';
import { expect, test, type Kitchen } from './kitchen';

const MINUTE_MS = 60_000;
const YEARS_AGO_MS = 3 * 365 * 24 * 60 * MINUTE_MS;
const NOTES = 190;

/** Three foods of years ago, before all else that is told, and what was said of each in numbered notes. */
async function longAgo({ page }: Kitchen, origin: string): Promise<void> {
  const { clock } = await (await page.request.get('/api/household')).json();
  const began = Math.floor(clock.now) - YEARS_AGO_MS;
  for (const [index, name] of ['First chutney', 'Second chutney', 'Third chutney'].entries()) {
    const foodId = uuid();
    const at = (minutes: number) => began + (index * 1000 + minutes) * MINUTE_MS;
    const added = {
      foodKey: 'lentil-soup',
      name,
      massKg: 1,
      form: 'liquid',
      condition: 'cooked',
      place: 'freezer',
      since: at(0),
    };
    const events = [
      { id: uuid(), foodId, at: at(0), type: 'added', payload: added },
      ...Array.from({ length: NOTES }, (_, i) => ({
        id: uuid(),
        foodId,
        at: at(i + 1),
        type: 'note',
        payload: { text: `Jar ${i + 1}` },
      })),
    ];
    const sent = await page.request.post('/api/events', { headers: { origin }, data: { events } });
    expect(sent.ok()).toBe(true);
  }
}

test('goes back to the beginning by itself, and a search finds what lies far back', async ({
  kitchen,
  baseURL,
}) => {
  const { page, enter, go } = kitchen;
  await enter();
  await longAgo(kitchen, baseURL!);
  await page.reload();
  await go('Log');
  await expect(page.getByRole('textbox', { name: 'Look for' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Look for' }).fill('First chutney jar 7');
  await expect(page.getByText('Jar 7', { exact: true })).toBeVisible();

  await page.getByRole('textbox', { name: 'Look for' }).fill('');
  // On and on, as a finger would.
  await page.mouse.move(195, 500);
  await expect(async () => {
    await page.mouse.wheel(0, 20_000);
    expect(await page.getByText('Jar 1', { exact: true }).count()).toBe(1);
    expect(await page.getByText('First chutney').count()).toBeGreaterThan(0);
  }).toPass({ intervals: [50], timeout: 60_000 });
});

test('says where it cannot go on, and goes on when it can', async ({ kitchen, baseURL }) => {
  const { page, enter, go, tap } = kitchen;
  await enter();
  await longAgo(kitchen, baseURL!);
  await page.reload();
  await go('Log');
  await expect(page.getByRole('textbox', { name: 'Look for' })).toBeVisible();
  await page.route('**/api/events?before=*', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Look for' }).fill('First chutney jar 7');
  await expect(page.getByRole('alert').getByText('That did not work')).toBeVisible();
  await page.unroute('**/api/events?before=*');
  await tap('Try again');
  await expect(page.getByText('Jar 7', { exact: true })).toBeVisible();
});
