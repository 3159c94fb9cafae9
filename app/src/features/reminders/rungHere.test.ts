import type { Reminder } from '@omtel/core/reminders';
import { unrung } from './rungHere';

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
  Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true });
});
beforeAll(() => void Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true }));
const due = (key: string, at = 1_000_000) => ({ key, at }) as Reminder;
const keys = async (...news: Reminder[]) => (await unrung(news)).map(({ key }) => key);

it('rings once for what falls due, in whichever tab asks first', async () => {
  expect(await keys(due('soup'), due('water'))).toEqual(['soup', 'water']);
  expect(await keys(due('soup'), due('rice'))).toEqual(['rice']);
});

it('rings again for what comes again later, as water to change, and by a clock that was set back', async () => {
  await keys(due('water'));
  expect(await keys(due('water', 1_000_000 + 30 * 60_000))).toEqual(['water']);
  expect(await keys(due('water', 1_000_000))).toEqual(['water']);
});

it('of two tabs that ask at once one rings', async () => {
  const [one, other] = await Promise.all([keys(due('soup')), keys(due('soup'))]);
  expect([...one!, ...other!]).toEqual(['soup']);
});

it('rings where nothing can be noted, or what was noted is no such thing', async () => {
  kept.set('omtel.reminders.rung', 'not this');
  expect(await keys(due('soup'))).toEqual(['soup']);
});

it('forgets the oldest', async () => {
  for (let i = 0; i < 80; i++) await keys(due(`food ${i}`));
  expect(Object.keys(JSON.parse(kept.get('omtel.reminders.rung')!) as object)).toHaveLength(50);
  expect(await keys(due('food 79'))).toEqual([]);
});
