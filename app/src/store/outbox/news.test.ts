import type { KitchenEvent } from '@omtel/core/record';
import { newsText, newsWasUsed, noteNews, pendingNews, watchNews } from './news';

let kept: Record<string, string> = {};
beforeEach(() => {
  kept = {};
  const storage = {
    getItem: (key: string) => kept[key] ?? null,
    setItem: (key: string, value: string) => void (kept[key] = value),
    removeItem: (key: string) => void delete kept[key],
  };
  Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true });
});

const of = (foodId: string) => ({ foodId, type: 'reading' }) as KitchenEvent;
const ofMeal = (mealId: string, type: string) => ({ mealId, type }) as KitchenEvent;

it('keeps each food and meal once, until it was planned by', () => {
  noteNews([of('a'), of('b')]);
  noteNews([of('b'), ofMeal('m', 'mealTicked')]);
  expect(pendingNews()).toEqual(['a', 'b', 'm'].map((id) => ({ id, settled: false })));
  newsWasUsed([{ id: 'b', settled: false }]);
  expect(pendingNews().map(({ id }) => id)).toEqual(['a', 'm']);
  newsWasUsed(pendingNews());
  expect(kept).toEqual({});
});

it('tells whoever watches, and not of where the rest was put to', () => {
  const heard: string[] = [];
  const stop = watchNews(() => heard.push(newsText()));
  noteNews([of('a')]);
  noteNews([ofMeal('m', 'mealScheduled')]);
  newsWasUsed(pendingNews());
  stop();
  noteNews([of('b')]);
  expect(heard).toEqual(['[{"id":"a","settled":false}]', '']);
});

it('what says how a meal is scheduled is news for others alone', () => {
  noteNews([ofMeal('m', 'mealPlanned'), ofMeal('m', 'mealScheduled'), ofMeal('n', 'mealDropped')]);
  expect(pendingNews()).toEqual(['m', 'n'].map((id) => ({ id, settled: true })));
  noteNews([ofMeal('m', 'mealTicked')]);
  expect(pendingNews()).toContainEqual({ id: 'm', settled: false });
});

it.each(['', '{', '7', '{"a":1}', '["a",7,null]'])('what is no news counts for none: %p', (text) => {
  kept['omtel.toPlan'] = text;
  expect(pendingNews()).toEqual([]);
});

it('a device without room goes on', () => {
  globalThis.localStorage.setItem = () => {
    throw new Error('full');
  };
  expect(() => noteNews([of('a')])).not.toThrow();
});
