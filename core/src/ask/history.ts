import { foodById } from '../foods';
import { atClock } from '../time';
import type { EventType, FoodEvent, Payload } from '../record';
import { HOUR_MS } from '../units';
import { placeAt, type Answers, type Whereabouts } from './answers';

/** Out of the cold for so long, the most that an answer can mean; what is longer than the longest, for a night. */
const OUT_MS: Partial<Record<Whereabouts, number>> = {
  out1: HOUR_MS,
  out2: 2 * HOUR_MS,
  out4: 4 * HOUR_MS,
  outLong: 12 * HOUR_MS,
};

/** What a food is called and weighs when it is only asked about. */
export interface Asked {
  readonly name: string;
  readonly massKg: number;
}

interface AskedWhen {
  readonly now: number;
  readonly zone: string;
  /** Makes an id; they are asked for in order. */
  readonly newId: () => string;
}

/**
 * The history a food must have had by what was answered, told so that it is never milder than the truth: a day counts from its
 * first minute, a stretch out of the cold was as long as the answer allows, and is not over.
 */
export function historyOf(
  { foodKey, parts = [], condition, daysAgo, where }: Answers,
  { name, massKg }: Asked,
  { now, zone, newId }: AskedWhen,
): readonly FoodEvent[] {
  const outMs = OUT_MS[where] ?? 0;
  const day = daysAgo === null ? null : atClock(now, -daysAgo, { hour: 0, minute: 0 }, zone);
  const since = day === null ? null : Math.min(day, now - outMs);
  const from = since ?? now - outMs;
  const foodId = newId();
  const event = <Type extends EventType>(at: number, type: Type, payload: Payload<Type>): FoodEvent =>
    ({ id: newId(), foodId, at: Math.round(at), type, payload }) as FoodEvent;
  const added = event(from, 'added', {
    foodKey,
    ...(parts.length > 0 && { parts: [...parts] }),
    name,
    massKg,
    form: foodById(foodKey).forms[0]!,
    condition,
    place: placeAt(where),
    since: since === null ? null : Math.round(since),
  });
  if (where === 'unknown') return [added, event(now, 'unaccounted', { since: Math.round(from) })];
  return outMs > 0 ? [added, event(now - outMs, 'moved', { place: 'counter' })] : [added];
}
