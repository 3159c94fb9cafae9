import { isAgain, type Reminder } from '@omtel/core/reminders';
import { MINUTE_MS } from '@omtel/core/units';

/** A page that nobody looks at is let look about once a minute; nobody waited for what a clock passed that was moved further. */
export const LONGEST_STEP_MS = 3 * MINUTE_MS;

/**
 * What has fallen due since somebody looked, and was not told of yet.
 *
 * @param told when each was told of, by its key; what is told now is noted in it
 * @param mostMs how far the clock goes by itself in one step; a device that slept goes on where it is, and is told all that still holds
 */
export function newsIn(
  reminders: readonly Reminder[],
  told: Map<string, number>,
  { before, now, mostMs }: { readonly before: number; readonly now: number; readonly mostMs: number },
): readonly Reminder[] {
  if (now - before > mostMs) return [];
  return reminders.filter(({ key, at, until }) => {
    const due = before < at && at <= now && now < until && isAgain(told.get(key), at);
    if (due) told.set(key, at);
    return due;
  });
}
