import { isOfMeal, type KitchenEvent } from './meals';

/** The latest moment an event says has been: when it happened, and what its words speak of as past. */
export function latestPast(event: KitchenEvent): number {
  if (isOfMeal(event)) {
    const said = event.type === 'mealTicked' || event.type === 'mealBought' ? event.payload.at : null;
    return Math.max(event.at, said ?? 0);
  }
  const { at, type, payload } = event;
  const said: Readonly<Record<string, unknown>> = type === 'corrected' ? (payload.instead ?? {}) : payload;
  const moved = type === 'corrected' ? payload.at : undefined;
  return Math.max(at, ...[moved, said.since, said.outSince].filter((time) => typeof time === 'number'));
}
