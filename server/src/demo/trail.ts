import type { FormId } from '@omtel/core/foods';
import type { EventType, FoodEvent, Payload } from '@omtel/core/record';
import type { Temperature } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';

/** A clock time so many days before the story opens. */
export type When = (daysAgo: number, clock: string) => number;

/** Writes the trail of one food, one line an event. */
export function trailOf(added: Payload<'added'>, at: number) {
  const foodId = uuid({ msecs: at });
  const events: FoodEvent[] = [];
  const trail = {
    then<Type extends EventType>(when: number, type: Type, payload?: Payload<Type>) {
      // Of two at one moment the one told first has the lower id, as on a device.
      const id = uuid({ msecs: when, seq: events.length });
      events.push({ id, foodId, at: when, type, payload: payload ?? {} } as FoodEvent);
      return trail;
    },
    read: (when: number, temperature: Temperature) => trail.then(when, 'reading', { temperature }),
    events,
  };
  return trail.then(at, 'added', added);
}

/** A food as it comes in. */
export const food = (
  foodKey: string,
  name: string,
  massKg: number,
  form: FormId,
  over: Partial<Payload<'added'>>,
): Payload<'added'> => ({
  foodKey,
  name,
  massKg,
  form,
  condition: 'fresh',
  place: 'refrigerator',
  since: null,
  ...over,
});
