import { coolingMs, type RuleSet } from '../guidance';
import { inTheCold } from '../trail';
import { settle, type EventType, type FoodEvent, type Payload } from '../record';
import type { Temperature } from '../units';

/** One thing that might have been otherwise in a food's history. */
export type Change =
  | { readonly kind: 'leftOut'; readonly ms: number }
  | { readonly kind: 'warmStore'; readonly air: Temperature }
  | { readonly kind: 'frozenAt'; readonly at: number }
  | { readonly kind: 'without'; readonly eventId: string };

/**
 * The history a food would have, had one thing been otherwise. Nothing is recorded; what it is made of are the same events.
 *
 * @param events the food's own history
 * @param now nothing is imagined later than this, epoch ms
 * @param rules say how long food that went in warm may take to be cold
 * @returns null when the history gives no place to the change
 */
export function whatIf(
  events: readonly FoodEvent[],
  change: Change,
  now: number,
  rules: RuleSet,
): readonly FoodEvent[] | null {
  const settled = settle(events);
  const intoCold = settled.findLast(isIntoCold);
  switch (change.kind) {
    case 'leftOut': {
      if (!intoCold) return null;
      const later = Math.min(now, intoCold.at + change.ms);
      return [...events, imagined(intoCold, now, 'corrected', { eventId: intoCold.id, at: later })];
    }
    case 'warmStore': {
      if (!intoCold) return null;
      // As warm as its shelf, once it has had the time to get there.
      const at = Math.min(now, intoCold.at + coolingMs(rules) + 1);
      return [...events, imagined(intoCold, at, 'reading', { temperature: change.air })];
    }
    case 'frozenAt': {
      const begin = settled[0]!;
      if (change.at > now || change.at < begin.at) return null;
      const isFrozen = settled.findLast(({ type }) => type === 'moved' || type === 'putAway');
      const back =
        isFrozen && 'place' in isFrozen.payload && isFrozen.payload.place === 'freezer'
          ? []
          : [imagined(begin, now, 'moved', { place: 'refrigerator' })];
      return [...events, imagined(begin, change.at, 'moved', { place: 'freezer' }), ...back];
    }
    case 'without': {
      const event = settled.find(({ id }) => id === change.eventId);
      return event
        ? [...events, imagined(event, now, 'corrected', { eventId: event.id, withdrawn: true })]
        : null;
    }
  }
}

const isIntoCold = (event: FoodEvent): boolean =>
  (event.type === 'putAway' || event.type === 'moved') && inTheCold(event.payload.place);

/** An event that is never recorded: after all others of its moment. */
function imagined<Type extends EventType>(
  like: FoodEvent,
  at: number,
  type: Type,
  payload: Payload<Type>,
): FoodEvent {
  imaginedSoFar += 1;
  const id = `ffffffff-ffff-7fff-bfff-${imaginedSoFar.toString(16).padStart(12, '0')}`;
  return { id, foodId: like.foodId, at, type, payload } as FoodEvent;
}
let imaginedSoFar = 0;
