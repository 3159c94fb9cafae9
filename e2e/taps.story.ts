import type { FoodList, Household, Log, LogEntry } from '@omtel/core/api';
import { subjectOf } from '@omtel/core/record';
import type { Page } from '@playwright/test';
import { expect, rest, test } from './kitchen';

const STEPS = 100;
const MINUTE_MS = 60_000;
/** What leaves the kitchen, or begins its story again, is nobody's slip of the thumb. */
const LEAVES = /sign out|start the story again|leave|show .*°/i;

const RECORDS =
  /^(Water changed|Change|Put|Into|To the|Back|Eaten|Throw|Record|It was|It is|\d+ (min|portion)|Opened|On the|Off|Divide off|Combine|Cook|Heat|Set|Thaw|Keep|All)/;

/** The same taps for the same seed (mulberry32). */
function dice(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A hurried cook: taps what is in sight, often twice, turns the phone, goes back, switches units, types something. */
async function fumble(page: Page, roll: () => number): Promise<void> {
  const pick = <Each>(all: readonly Each[]): Each | undefined => all[Math.floor(roll() * all.length)];
  const what = roll();
  if (what < 0.06) return void (await page.goBack());
  if (what < 0.1) return page.setViewportSize({ width: 844, height: 390 });
  if (what < 0.16) return page.setViewportSize({ width: 390, height: 844 });
  if (what < 0.22) {
    const number = page.getByText(/\d (°[CF]|kg|lb)/).first();
    if (!(await number.isVisible())) return;
    // It may have gone, or lie under something, before the finger comes down.
    await rest(page, number, 1000).catch(() => undefined);
    return tapOne(page, page.getByRole('button', { name: /^Show / }).first(), null);
  }
  if (what < 0.32) {
    const field = page.getByRole('textbox').first();
    if (await field.isVisible()) await field.fill(pick(['3', '74', '165', '1,2', 'rice', '19:00', '-4'])!);
    return;
  }
  if (what < 0.42) {
    const { foods } = (await (await page.request.get('/api/foods')).json()) as FoodList;
    const food = pick(foods)?.state.foodId;
    const part = pick(['', '', '/cook', '/leftovers', '/divide', '/amend']);
    return open(page, food ? `/food/${food}${part}` : '/now');
  }
  if (what < 0.46) return open(page, pick(['/now', '/stores', '/plan', '/log'])!);
  // Mostly what records, then what does something, rarely what leads elsewhere.
  const main = page.getByRole('main');
  const kind = roll();
  const among =
    kind < 0.6
      ? main.getByRole('button', { name: RECORDS })
      : main.locator(kind < 0.9 ? '[role=button],button,[role=radio]' : '[role=link],a');
  const target = pick(await among.all());
  if (!target) return open(page, '/stores');
  if (!LEAVES.test((await target.textContent().catch(() => '')) ?? ''))
    await tapOne(page, target, roll() < 0.5 ? roll() * LONGEST_BETWEEN_MS : null);
}

async function open(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await expect(page.getByText(/^Fetching/)).toHaveCount(0);
}

/** Between the two taps of a hurried thumb. */
const LONGEST_BETWEEN_MS = 350;

/** @param againMs how soon it is tapped again at the same place, whatever stands there by then; null where it is not */
async function tapOne(
  page: Page,
  target: ReturnType<Page['locator']>,
  againMs: number | null,
): Promise<void> {
  const from = page.url();
  const said = (await target.textContent({ timeout: 1000 }).catch(() => '')) ?? '';
  try {
    await target.scrollIntoViewIfNeeded({ timeout: 1000 });
    const box = await target.boundingBox({ timeout: 1000 });
    if (!box) return;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.click(x, y);
    if (againMs !== null) {
      await page.waitForTimeout(againMs);
      const opened = !RECORDS.test(said) && page.url() !== from;
      const had = opened ? await recorded(page) : 0;
      await page.mouse.click(x, y);
      await page.waitForTimeout(2 * SETTLED_MS);
      if (opened) misled.push(...((await recorded(page)) > had ? [page.url()] : []));
    }
  } catch {
    // It was gone before the finger came down.
  }
  await page.waitForTimeout(SETTLED_MS);
}
const SETTLED_MS = 120;
/** Pages that opened under a finger and took its second tap for one of their own. */
const misled: string[] = [];

const recorded = async (page: Page): Promise<number> =>
  ((await (await page.request.get('/api/events')).json()) as Log).entries.length;

const idsIn = ({ entries }: Log) => new Set(entries.map(({ event }) => event.id));

for (const seed of [7, 42])
  test(`hurried taps of all kinds (${seed}) leave a log a person would agree to`, async ({ kitchen }) => {
    const { page, enter } = kitchen;
    await enter();
    const ask = async <Body>(path: string) => (await (await page.request.get(path)).json()) as Body;
    const before = idsIn(await ask<Log>('/api/events'));
    const { clock } = await ask<Household>('/api/household');
    const roll = dice(seed);
    misled.length = 0;
    for (let step = 0; step < STEPS; step++) {
      await fumble(page, roll);
      await expect(page.getByText('This page could not be shown')).toHaveCount(0);
      if (!/\/(now|plan|stores|food|guide|log|add|ask|household)/.test(page.url())) await page.goto('/now');
    }
    await page.goto('/log');
    await expect(page.getByRole('heading', { name: 'Log', level: 1 })).toBeVisible();
    await expect(page.getByText(/to be sent/)).toHaveCount(0);

    expect(misled).toEqual([]);
    const { entries } = await ask<Log>('/api/events');
    const made = entries.filter(({ event, takenBack }) => !before.has(event.id) && !takenBack);
    expect(made.length, 'something was done').toBeGreaterThan(0);
    const now = Math.round(clock.now);
    const seen = new Map<string, LogEntry>();
    for (const entry of made.toReversed()) {
      const { type, payload, at } = entry.event;
      expect(at, `${type} is not still to come`).toBeLessThanOrEqual(now + MINUTE_MS);
      // Weighed, read and written things are said anew each time they are said.
      if (['added', 'reading', 'note', 'portioned', 'dividedOff'].includes(type)) continue;
      // A tick of a meal that was taken back can be made again.
      if (entry.event.type === 'mealTicked' && entry.event.payload.at === null) {
        const { dish, kind, part } = entry.event.payload;
        for (const [key, { event }] of seen) {
          if (event.type !== 'mealTicked' || event.payload.dish !== dish) continue;
          if (event.payload.kind === kind && event.payload.part === part) seen.delete(key);
        }
        continue;
      }
      const key = JSON.stringify([subjectOf(entry.event), type, payload, at]);
      expect(seen.get(key), `${type} of ${entry.name} once`).toBeUndefined();
      seen.set(key, entry);
    }
    const { foods } = await ask<FoodList>('/api/foods');
    for (const { state } of foods) expect(state.lastAt).toBeLessThanOrEqual(now + MINUTE_MS);
  });
