import type { FoodEvent } from './events';

/** The latest moment an event says has been: when it happened, and what its words speak of as past. */
export function latestPast({ at, type, payload }: FoodEvent): number {
  const said: Readonly<Record<string, unknown>> = type === 'corrected' ? (payload.instead ?? {}) : payload;
  const moved = type === 'corrected' ? payload.at : undefined;
  return Math.max(at, ...[moved, said.since, said.outSince].filter((time) => typeof time === 'number'));
}
