import type { Chance } from '@omtel/core/chance';
import { v7 as uuid } from 'uuid';
import { eventSchema, type FoodEvent } from '@omtel/core/record';

const MINUTE_MS = 60_000;
const DAY_MS = 24 * 60 * MINUTE_MS;

export const oneOf = <Some>(some: readonly Some[], chance: Chance): Some =>
  some[Math.floor(chance() * some.length)]!;

const KINDS = [
  { foodKey: 'chicken-thighs', name: 'Chicken thighs', form: 'pieces' },
  { foodKey: 'beef-steak', name: 'Steak', form: 'steak' },
  { foodKey: 'lamb-shoulder-bone-in', name: 'Lamb shoulder', form: 'boneInJoint' },
] as const;

/** One food from the shop to the plate: bought, cooked and read, kept, heated again, eaten. About ten things. */
export function foodLife(from: number, chance: Chance): FoodEvent[] {
  const foodId = uuid();
  let at = Math.floor(from);
  const events: unknown[] = [];
  const happens = (afterMinutes: number, type: string, payload: object = {}) => {
    at += Math.round(afterMinutes * MINUTE_MS * (0.5 + chance()));
    events.push({ id: uuid(), foodId, at, type, payload });
  };
  const kind = oneOf(KINDS, chance);
  const massKg = 0.3 + Math.round(chance() * 20) / 10;
  happens(1, 'added', { ...kind, massKg, condition: 'fresh', place: 'refrigerator', since: null });
  happens(600, 'cookingStarted');
  for (const value of [35, 55, 76 + chance() * 8])
    happens(20, 'reading', {
      temperature: { value: Math.round(value * 10) / 10, unit: 'C' },
      place: 'thickest',
    });
  happens(2, 'offHeat');
  happens(10, 'served');
  if (chance() < 0.6) {
    happens(40, 'putAway', { place: 'refrigerator', portions: 2, depthM: 0.04 });
    happens(200, 'reading', { temperature: { value: 4, unit: 'C' } });
    happens(900, 'cookingStarted');
    happens(15, 'reading', { temperature: { value: 78, unit: 'C' } });
  }
  happens(30, oneOf(['eaten', 'eaten', 'eaten', 'discarded'], chance));
  return events.map((event) => eventSchema.parse(event));
}

/**
 * Years of use of one kitchen, food by food, until a moment: about three foods a day, some thirty entries.
 *
 * @param years how long
 */
export function* yearsOfUse(until: number, years: number, chance: Chance): Generator<FoodEvent[]> {
  const LATEST_DAYS = 4;
  for (let day = Math.round(years * 365); day > LATEST_DAYS; day--)
    for (let food = 0; food < 3; food++) yield foodLife(until - day * DAY_MS + food * 60 * MINUTE_MS, chance);
}
