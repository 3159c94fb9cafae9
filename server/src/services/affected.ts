import { asCorrected, isBeginning, settle, type FoodEvent, type Histories } from '@omtel/core/trail';

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

/** Since when an event can make a difference: a correction, since the earliest moment at which what it names ever stood. */
function firstMoved(event: FoodEvent, history: readonly FoodEvent[]): number {
  if (event.type !== 'corrected') return event.at;
  const { eventId } = event.payload;
  const said = history.flatMap((other) =>
    other.id === eventId
      ? [other.at]
      : other.type === 'corrected' && other.payload.eventId === eventId
        ? [other.payload.at ?? other.at]
        : [],
  );
  const target = history.find(({ id }) => id === eventId);
  // Taking a correction back moves what that had moved.
  const behind = target?.type === 'corrected' ? [firstMoved(target, history)] : [];
  return Math.min(event.payload.at ?? event.at, ...said, ...behind);
}

/** The moments at which other foods were divided from a food, or had it put to them. */
function tiesTo(foodId: string, histories: Histories): readonly Pick<FoodEvent, 'foodId' | 'at'>[] {
  return [...histories.values()].flatMap((history) => {
    const ties = history.filter(
      ({ type, payload }) =>
        (type === 'portioned' && payload.from === foodId) || (type === 'joined' && payload.with === foodId),
    );
    if (ties.length === 0) return [];
    const read = asCorrected(history);
    const begin = settle(history).find(isBeginning);
    return ties.flatMap((tie) => {
      const stands = read(tie);
      return stands ? [{ foodId: tie.foodId, at: Math.max(stands.at, begin?.at ?? stands.at) }] : [];
    });
  });
}
