import type { Chance } from '../../chance';
import { catalogue, foodById, type Food } from '../../foods';
import type { EventType, FoodEvent, Payload } from '../../record';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../../units';

/** Foods of the catalogue, by what can go wrong with them: of every kind that has rules of its own. */
const idsOf = (is: (food: Food) => boolean): readonly string[] => catalogue.filter(is).map(({ id }) => id);
export const COOKED = idsOf(
  ({ cooking, rawStorage, cookedStorage }) =>
    cooking !== null && rawStorage === null && cookedStorage !== null,
);
export const RAW = idsOf(
  ({ cooking, rawStorage, keepsWarm }) => cooking !== null && rawStorage !== null && !keepsWarm,
);
export const FISH = RAW.filter((id) => foodById(id).cooking === 'fish');
export const COLD = idsOf(({ cooking, keepsWarm }) => cooking === null && !keepsWarm);
/** What minds no band, put among the others so that nobody answers without looking. */
export const HARDY = idsOf(({ cooking, keepsWarm }) => cooking === null && keepsWarm === true);

/** Tells a life backwards from now, by chance. */
export interface Teller {
  readonly chance: Chance;
  readonly now: number;
  readonly event: <Type extends EventType>(agoMs: number, type: Type, payload: Payload<Type>) => FoodEvent;
}

export const pick = <T>(chance: Chance, among: readonly T[]): T =>
  among[Math.floor(chance() * among.length)]!;
/** In steps of five minutes, as people tell it. */
export const minutes = (chance: Chance, least: number, most: number): number =>
  Math.round((least + chance() * (most - least)) / 5) * 5 * MINUTE_MS;
export const days = (chance: Chance, least: number, most: number): number =>
  Math.round((least + chance() * (most - least)) * 4) * (DAY_MS / 4);
export const degrees = (chance: Chance, least: number, most: number) => ({
  value: Math.round(least + chance() * (most - least)),
  unit: 'C' as const,
});

type Came = Partial<Payload<'added'>>;

export function came(
  { now, event }: Teller,
  foodKey: string,
  agoMs: number,
  condition: Payload<'added'>['condition'],
  more: Came = {},
): FoodEvent {
  const { name, forms } = foodById(foodKey);
  return event(agoMs, 'added', {
    foodKey,
    name,
    massKg: 0.8,
    form: forms[0]!,
    condition,
    place: 'refrigerator',
    since: now - agoMs,
    ...more,
  });
}

export const cookedDish = ({ chance }: Teller): string => pick(chance, COOKED);

/** On the heat, done by its readings, and off again. */
export function cooked(told: Teller, foodKey: string, offAgoMs: number): readonly FoodEvent[] {
  const { event } = told;
  return [
    came(told, foodKey, offAgoMs + HOUR_MS, 'fresh'),
    event(offAgoMs + HOUR_MS, 'cookingStarted', {}),
    ...[10, 5, 0].map((before) =>
      event(offAgoMs + before * MINUTE_MS, 'reading', {
        temperature: { value: 96, unit: 'C' },
        watchedMs: 15_000,
      }),
    ),
    event(offAgoMs, 'offHeat', {}),
  ];
}

/** The life of a slip. */
export type Slip = (told: Teller) => readonly FoodEvent[];
