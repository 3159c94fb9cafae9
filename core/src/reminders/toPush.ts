import { MINUTE_MS } from '../units';
import type { Pushed } from './pushed';
import { mannerOf, type Manner, type QuietHours } from './quiet';
import type { Reminder } from './remindersOf';

/** Some systems cut what is longer. */
const LONGEST = 240;

/** A reminder as a device's system is to show it now. */
export function toPush(
  { key, at, title, detail, page, pressing }: Reminder,
  settings: { readonly reminders: Manner & { readonly quiet: QuietHours | null }; readonly zone: string },
  now: number,
): Pushed {
  return {
    tag: `${key}.${Math.round(at / MINUTE_MS)}`,
    title: title.slice(0, LONGEST),
    body: detail.slice(0, LONGEST),
    page,
    at,
    pressing,
    ...mannerOf(pressing, settings.reminders, now, settings.zone),
  };
}
