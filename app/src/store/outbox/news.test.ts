import type { KitchenEvent } from '@omtel/core/record';
import { newsText, newsWasUsed, noteNews, pendingNews, watchNews } from './news';

const HOME = 'h';
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
  noteNews(HOME, [of('a'), of('b')]);
  noteNews(HOME, [of('b'), ofMeal('m', 'mealTicked')]);
  expect(pendingNews(HOME)).toEqual(['a', 'b', 'm'].map((id) => ({ id, settled: false })));
  newsWasUsed(HOME, [{ id: 'b', settled: false }]);
  expect(pendingNews(HOME).map(({ id }) => id)).toEqual(['a', 'm']);
  newsWasUsed(HOME, pendingNews(HOME));
  expect(kept).toEqual({});
});

it('is each household’s own', () => {
  noteNews(HOME, [of('a')]);
  noteNews('another', [of('b')]);
  newsWasUsed('another', pendingNews('another'));
  expect(pendingNews(HOME)).toEqual([{ id: 'a', settled: false }]);
});

it('tells whoever watches, and not of where the rest was put to', () => {
  const heard: string[] = [];
  const stop = watchNews(() => heard.push(newsText(HOME)));
  noteNews(HOME, [of('a')]);
  noteNews(HOME, [ofMeal('m', 'mealScheduled')]);
  newsWasUsed(HOME, pendingNews(HOME));
  stop();
  noteNews(HOME, [of('b')]);
  expect(heard).toEqual(['[{"id":"a","settled":false}]', '']);
});

it('what says how a meal is scheduled is news for others alone', () => {
  noteNews(HOME, [ofMeal('m', 'mealPlanned'), ofMeal('m', 'mealScheduled'), ofMeal('n', 'mealDropped')]);
  expect(pendingNews(HOME)).toEqual(['m', 'n'].map((id) => ({ id, settled: true })));
  noteNews(HOME, [ofMeal('m', 'mealTicked')]);
  expect(pendingNews(HOME)).toContainEqual({ id: 'm', settled: false });
});

it.each(['', '{', '7', '{"a":1}', '["a",7,null]'])('what is no news counts for none: %p', (text) => {
  kept[`omtel.toPlan.${HOME}`] = text;
  expect(pendingNews(HOME)).toEqual([]);
});

it('a device without room goes on', () => {
  globalThis.localStorage.setItem = () => {
    throw new Error('full');
  };
  expect(() => noteNews(HOME, [of('a')])).not.toThrow();
});
