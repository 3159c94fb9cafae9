import { isAgain, type Reminder } from '@omtel/core/reminders';
import { MINUTE_MS } from '@omtel/core/units';

/** Nobody waited for what a clock passed that was moved ahead, or a machine that slept. */
const LONGEST_WAIT_MS = MINUTE_MS;

/**
 * What has fallen due since somebody looked, and was not told of yet.
 *
 * @param told when each was told of, by its key; what is told now is noted in it
 */
export function newsIn(
  reminders: readonly Reminder[],
  told: Map<string, number>,
  { before, now }: { readonly before: number; readonly now: number },
): readonly Reminder[] {
  if (now - before > LONGEST_WAIT_MS) return [];
  return reminders.filter(({ key, at, until }) => {
    const due = before < at && at <= now && now < until && isAgain(told.get(key), at);
    if (due) told.set(key, at);
    return due;
  });
}
