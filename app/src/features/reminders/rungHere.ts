import { AGAIN_MS, type Reminder } from '@omtel/core/reminders';

type Rung = Readonly<Record<string, number>>;

/** When each reminder rang in this browser, by its key; all its tabs note it there. */
const RUNG = 'omtel.reminders.rung';
const MOST_NOTED = 50;

/**
 * What no other tab of this browser has rung for: a kitchen that is open in two rings once. Whoever asks rings, and it is noted; where
 * nothing can be noted every tab rings, since twice is better than never.
 */
export async function unrung(news: readonly Reminder[]): Promise<readonly Reminder[]> {
  const claim = () => {
    try {
      const rung = JSON.parse(localStorage.getItem(RUNG) ?? '{}') as Rung;
      // Of a clock that was set back it rings anew.
      const fresh = news.filter(({ key, at }) => !(Math.abs(at - (rung[key] ?? -Infinity)) < AGAIN_MS));
      const noted = [...Object.entries(rung), ...fresh.map(({ key, at }) => [key, at] as const)];
      localStorage.setItem(RUNG, JSON.stringify(Object.fromEntries(noted.slice(-MOST_NOTED))));
      return fresh;
    } catch {
      return news;
    }
  };
  // One tab at a time; a page without a name of its own has no locks.
  return 'locks' in navigator ? navigator.locks.request(RUNG, claim) : claim();
}
