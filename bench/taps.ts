import { chromium, type Page } from '@playwright/test';
import { v7 as uuid } from 'uuid';
import { chromiumLaunch, PHONE } from '../scripts/lib/browser';
import { openStage } from '../scripts/lib/stage';
import { median, SLOWER, slowedDown } from './phone';

const MANY_FOODS = 300;
const MANY_READINGS = 100;
const MINUTE_MS = 60_000;
/** From one act to the next: until what is below the edge of the screen has been drawn too. */
const SETTLED_MS = 1700;
/** From one key to the next. */
const KEY_MS = 300;
/** A cook looks at Now before going elsewhere; meanwhile the other places are read ahead. */
const LOOKED_AT_MS = 8000;

/**
 * In the page: how long what was tapped or typed took to be answered, and when a text came to stand. The answer is taken twice, and
 * neither is ever too early: until the browser says that it was shown, and until the page, having handed over its frame, is at
 * something else. Without a screen the browser puts the page into its window anew at the first press, some 60 ms that are its own.
 */
const WATCH = `
  globalThis.shown = [];
  globalThis.drawn = [];
  new PerformanceObserver((list) =>
    list.getEntries().forEach((entry) => entry.interactionId && globalThis.shown.push(entry.duration)),
  ).observe({ type: 'event', durationThreshold: 16 });
  let pressed = 0;
  const began = (event) => (pressed = event.timeStamp);
  const answered = () => {
    const from = pressed;
    requestAnimationFrame(() => setTimeout(() => globalThis.drawn.push(performance.now() - from)));
  };
  const first = { capture: true, passive: true };
  for (const type of ['pointerdown', 'keydown']) addEventListener(type, began, first);
  for (const type of ['click', 'input']) addEventListener(type, answered, first);
  // From the next press on, until a page of that title stands. Nothing asked here makes the page lay itself out, and nothing is
  // asked from outside meanwhile: that would be part of what is measured.
  globalThis.standing = (title) =>
    new Promise((resolve) =>
      document.addEventListener('pointerdown', () => {
        const from = performance.now();
        const look = () =>
          document.querySelector('h1')?.textContent === title && !document.querySelector('[role=progressbar]')
            ? resolve(performance.now() - from)
            : requestAnimationFrame(look);
        requestAnimationFrame(look);
      }, { capture: true, once: true }),
    );
`;

interface Watched {
  shown: number[];
  drawn: number[];
  standing: (title: string) => Promise<number>;
  stood: Promise<number>;
}

/** Milliseconds from a tap until a page of that title stands. */
async function stands(page: Page, title: string, tap: () => Promise<void>): Promise<number> {
  await page.evaluate((heading) => {
    const watched = globalThis as unknown as Watched;
    watched.stood = watched.standing(heading);
  }, title);
  await tap();
  await page.waitForTimeout(SETTLED_MS);
  return page.evaluate(() => (globalThis as unknown as Watched).stood);
}

/** Milliseconds from a tap on a place until it stands. */
const placeStands = (page: Page, place: string): Promise<number> =>
  stands(page, place, () => page.getByRole('link', { name: place, exact: true }).click());

/** The slowest answer to a tap or a key since it was asked last. */
async function slowestAnswer(page: Page, afterMs = 0): Promise<number> {
  await page.waitForTimeout(afterMs);
  return page.evaluate(() => {
    const watched = globalThis as unknown as Watched;
    const slowest = Math.min(...[watched.shown, watched.drawn].map((some) => Math.max(0, ...some)));
    watched.shown = [];
    watched.drawn = [];
    return slowest;
  });
}

/** The middle and the slowest answer to the keys of a word typed into a field. */
async function typed(page: Page, field: string, word: string): Promise<string> {
  await page.getByRole('textbox', { name: field }).click();
  await slowestAnswer(page, SETTLED_MS);
  const keys: number[] = [];
  for (const letter of word) {
    await page.keyboard.type(letter);
    keys.push(await slowestAnswer(page, KEY_MS));
  }
  return `${median(keys).toFixed(0)} ms a key, ${Math.max(...keys).toFixed(0)} at most`;
}

/** A household with as many foods, and one food with as many readings, as a long year leaves. */
async function filled(page: Page, address: string): Promise<void> {
  const headers = { origin: address };
  const { clock } = await (await page.request.post('/api/session/demo', { headers })).json();
  const added = (name: string, place: string) => ({
    id: uuid(),
    foodId: uuid(),
    at: clock.now - 600 * MINUTE_MS,
    type: 'added',
    payload: {
      foodKey: 'lentil-soup',
      name,
      massKg: 1,
      form: 'liquid',
      condition: 'cooked',
      place,
      since: clock.now - 600 * MINUTE_MS,
    },
  });
  const foods = Array.from({ length: MANY_FOODS }, (_, i) =>
    added(`Soup ${i}`, i % 3 === 0 ? 'refrigerator' : 'freezer'),
  );
  const read = added('Soup much read', 'refrigerator');
  const readings = Array.from({ length: MANY_READINGS }, (_, i) => ({
    id: uuid(),
    foodId: read.foodId,
    at: clock.now - (500 - i * 4) * MINUTE_MS,
    type: 'reading',
    payload: { temperature: { value: 4, unit: 'C' } },
  }));
  const events = [...foods, read, ...readings];
  for (let from = 0; from < events.length; from += 150) {
    const sent = await page.request.post('/api/events', {
      headers,
      data: { events: events.slice(from, from + 150) },
    });
    if (!sent.ok()) throw new Error(await sent.text());
  }
}

/** How a slow phone answers: places, keys, a long store and a long history. */
export async function taps(): Promise<string[]> {
  const stage = await openStage();
  const browser = await chromium.launch(chromiumLaunch());
  try {
    const page = await browser.newPage({ baseURL: stage.address, viewport: PHONE, hasTouch: true });
    await page.request.post('/api/session/demo', { headers: { origin: stage.address } });
    await slowedDown(page);
    await page.addInitScript({ content: WATCH });
    await page.goto('/now');
    await page.getByText('Fish pie, half a tray').first().waitFor();
    await page.waitForTimeout(LOOKED_AT_MS);
    await slowestAnswer(page);
    const lines: string[] = [];
    const places = async (visit: string, most: number) => {
      for (const place of ['Plan', 'Stores', 'Guide', 'Log', 'Now']) {
        const ms = await placeStands(page, place);
        const answer = await slowestAnswer(page);
        lines.push(
          `${place.padEnd(7)} ${visit}: stands after ${ms.toFixed(0)} ms (at most ${most}), answers in ${answer.toFixed(0)} (at most 100)`,
        );
      }
    };
    await places('first', 250);
    await places('again', 250);
    await page.goto('/guide');
    lines.push(`searching the guide: ${await typed(page, 'Find a number', 'chicken')} (at most 50)`);
    await page.goto('/add');
    lines.push(`adding: ${await typed(page, 'What kind of food?', 'chicken')} (at most 50)`);

    await filled(page, stage.address);
    await page.goto('/now');
    await page.getByRole('heading', { name: 'Now' }).waitFor();
    await page.waitForTimeout(LOOKED_AT_MS);
    await slowestAnswer(page);
    await places(`with ${MANY_FOODS} foods`, 500);
    await placeStands(page, 'Stores');
    lines.push(`searching them: ${await typed(page, 'Look for', 'soup 12')} (at most 50)`);
    const food: number[] = [];
    for (const name of ['Soup 3', 'Soup much read']) {
      await page.getByRole('textbox', { name: 'Look for' }).fill(name);
      await page.waitForTimeout(SETTLED_MS);
      const row = page.getByRole('link', { name: new RegExp(`^${name}(?!\\d)`) }).first();
      food.push(await stands(page, name, () => row.click()));
      await page.goBack();
      await page.getByRole('textbox', { name: 'Look for' }).waitFor();
    }
    lines.push(
      `a food: ${food[0]!.toFixed(0)} ms at its first visit, ${food[1]!.toFixed(0)} with ${MANY_READINGS} readings (at most 400)`,
    );
    return [`at ${SLOWER} × slow-down`, ...lines];
  } finally {
    await browser.close();
    await stage.stop();
  }
}
