import { remindersOf, type Reminder } from '@omtel/core/reminders';
import { MINUTE_MS } from '@omtel/core/units';
import { useMemo } from 'react';
import { useFoods } from '../../store/useFoods';
import { useKitchen } from '../../store/useKitchen';

/** Steps nobody ticks move with the clock: they are worked out anew so often. */
const ANEW_AFTER_MS = 5 * MINUTE_MS;

/** What there is to be reminded of in the kitchen at hand; anew when something of it happens. */
export function useReminders(): readonly Reminder[] {
  const { now, settings } = useKitchen();
  const { data } = useFoods();
  const turn = Math.floor(now / ANEW_AFTER_MS);
  return useMemo(
    () => (data ? remindersOf({ foods: data.foods, meals: data.meals, settings }, turn * ANEW_AFTER_MS) : []),
    [data, settings, turn],
  );
}
