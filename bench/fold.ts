import { PLAIN_GUIDANCE } from '../core/src/guidance';
import { foldTrail } from '../core/src/trail';
import type { FoodEvent } from '../core/src/record';
import { HOUR_MS, MINUTE_MS } from '../core/src/units';
import { cookedLamb, happened, minutes, read, START } from '../core/src/testing/story';

const EVENTS = 500;
const ROUNDS = 30;
const ASKED_MS = 5;

/** A food that a probe watched all evening. */
function longTrail(): FoodEvent[] {
  const events = [
    ...cookedLamb(START, 170),
    happened(minutes(30), 'putAway', { place: 'refrigerator', portions: 4, depthM: 0.05 }),
  ];
  const stepMs = (20 * HOUR_MS) / (EVENTS - events.length);
  while (events.length < EVENTS) {
    const sinceMs = events.length * stepMs;
    events.push(read(minutes(31) + sinceMs, Math.max(38, 160 - sinceMs / (2 * MINUTE_MS))));
  }
  return events;
}

/** Folding a trail of 500 events, against the time asked for. */
export async function fold(): Promise<string[]> {
  const events = longTrail();
  foldTrail(events, PLAIN_GUIDANCE);
  let bestMs = Infinity;
  for (let round = 0; round < ROUNDS; round++) {
    const from = performance.now();
    foldTrail(events, PLAIN_GUIDANCE);
    bestMs = Math.min(bestMs, performance.now() - from);
  }
  return [
    `${events.length} events in ${bestMs.toFixed(2)} ms`,
    `ratio      ${(bestMs / ASKED_MS).toFixed(2)} of the ${ASKED_MS} ms asked (at most 1)`,
  ];
}
