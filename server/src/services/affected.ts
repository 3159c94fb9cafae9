import { isBeginning, settle, type FoodEvent } from '@omtel/core/record';
import type { Histories } from '@omtel/core/trail';

/**
 * The foods whose state new events can change: their own, and those that came of these afterwards. What left a batch before
 * something happened to it does not know of it.
 *
 * @param histories of the foods, of all that descend from them, and of all these refer to, with the new events in
 */
export function affectedBy(events: readonly FoodEvent[], histories: Histories): readonly string[] {
  const since = new Map<string, number>();
  const reach = (foodId: string, at: number): void => {
    if (at >= (since.get(foodId) ?? Infinity)) return;
    since.set(foodId, at);
    for (const tie of tiesTo(foodId, histories)) if (tie.at >= at) reach(tie.foodId, tie.at);
  };
  for (const event of events) reach(event.foodId, firstMoved(event, histories.get(event.foodId) ?? []));
  return [...since.keys()];
}

/**
 * Since when an event can make a difference: a correction, since the earliest moment at which what it names ever stood. Where a
 * food's coming was set right, what happened may decide whether that holds: then since it first may have come.
 */
function firstMoved(event: FoodEvent, history: readonly FoodEvent[]): number {
  const comings = history.filter(isBeginning).flatMap(({ id }) => momentsOf(id, history));
  const came = comings.length > 1 ? comings : [];
  if (event.type !== 'corrected') return Math.min(event.at, ...came);
  const { eventId, at } = event.payload;
  const target = history.find(({ id }) => id === eventId);
  // Taking a correction back moves what that had moved.
  const behind = target?.type === 'corrected' ? [firstMoved(target, history)] : [];
  return Math.min(at ?? event.at, ...momentsOf(eventId, history), ...came, ...behind);
}

/** The moments an event was ever said to have happened at. */
const momentsOf = (eventId: string, history: readonly FoodEvent[]): readonly number[] =>
  history.flatMap((other) => {
    if (other.id === eventId) return [other.at];
    const names = other.type === 'corrected' && other.payload.eventId === eventId;
    return names ? [other.payload.at ?? other.at] : [];
  });

/** The moments at which other foods were divided from a food, or had it put to them. */
function tiesTo(foodId: string, histories: Histories): readonly Pick<FoodEvent, 'foodId' | 'at'>[] {
  return [...histories.values()].flatMap((history) => {
    if (!history.some((event) => refersTo(event, foodId))) return [];
    const settled = settle(history);
    const begin = settled.find(isBeginning);
    return settled
      .filter((event) => refersTo(event, foodId))
      .map((tie) => ({ foodId: tie.foodId, at: Math.max(tie.at, begin?.at ?? tie.at) }));
  });
}

const refersTo = ({ type, payload }: FoodEvent, foodId: string): boolean =>
  (type === 'portioned' && payload.from === foodId) || (type === 'joined' && payload.with === foodId);
