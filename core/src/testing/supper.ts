import type { MealAsked } from '../dishes';
import { PLAIN_GUIDANCE } from '../guidance';
import type { FoodEvent, MealEvent, PlannedDish } from '../record';
import { afterMealEvent, foldTrail, type FoodState, type MealState } from '../trail';
import { DAY_MS, HOUR_MS, MINUTE_MS } from '../units';
import { happened, START } from './story';

export const LAMB = '01900000-0000-7000-8000-00000000000a';
export const PIE = '01900000-0000-7000-8000-00000000000b';
export const MEAL = '01900000-0000-7000-8000-00000000000c';
const everyDay = Object.fromEntries(
  ['1', '2', '3', '4', '5', '6', '7'].map((day) => [day, [{ from: '06:00', to: '23:30' }]]),
);

export const settings: MealAsked['settings'] = {
  kitchen: {
    ovens: [{ shelves: 2, widestM: null, fan: false }],
    warm: 0,
    rings: 4,
    potLitres: null,
    coldLitres: null,
    boards: 2,
    sinks: 1,
    microwave: true,
    microwaveW: null,
    grill: false,
    slowCooker: false,
  },
  cooks: [
    { id: 'a', name: 'Ana', availability: null },
    { id: 'b', name: 'Bo', availability: null },
  ],
  availability: everyDay,
  zone: 'UTC',
  table: [],
};

export const lamb: Extract<PlannedDish, { kind: 'cooked' }> = {
  kind: 'cooked',
  id: 'lamb',
  name: 'Lamb',
  foodId: LAMB,
  foodKey: 'lamb-shoulder-bone-in',
  parts: [],
  form: 'boneInJoint',
  massKg: 2.4,
  condition: 'frozen',
  since: START,
  method: 'refrigerator',
  heating: { at: 'oven', fastMs: 135 * MINUTE_MS, slowMs: 165 * MINUTE_MS, celsius: [160, 170] },
  restMs: 20 * MINUTE_MS,
  prepareMs: 10 * MINUTE_MS,
  finishMs: 10 * MINUTE_MS,
  waitsMs: 20 * MINUTE_MS,
  keeps: true,
};
export const pie: PlannedDish = {
  kind: 'reheated',
  id: 'pie',
  name: 'Pie',
  foodId: PIE,
  heating: { at: 'oven', fastMs: 25 * MINUTE_MS, slowMs: 35 * MINUTE_MS, celsius: [200, 220] },
  prepareMs: 0,
  finishMs: 0,
  waitsMs: 20 * MINUTE_MS,
  keeps: true,
};
export const salad: PlannedDish = {
  kind: 'cold',
  id: 'salad',
  name: 'Salad',
  foodId: null,
  prepareMs: 15 * MINUTE_MS,
  finishMs: 0,
  waitsMs: HOUR_MS,
  keeps: false,
};

const of = (foodId: string, event: FoodEvent): FoodEvent => ({ ...event, foodId });
export const lambEvents = (...more: FoodEvent[]) => [
  of(
    LAMB,
    happened(START - DAY_MS, 'added', {
      foodKey: 'lamb-shoulder-bone-in',
      name: 'Lamb',
      massKg: 2.4,
      form: 'boneInJoint',
      condition: 'frozen',
      place: 'freezer',
      since: START - DAY_MS,
    }),
  ),
  ...more.map((event) => of(LAMB, event)),
];
export const pieEvents = [
  of(
    PIE,
    happened(START - 6 * HOUR_MS, 'added', {
      foodKey: 'fish-pie',
      name: 'Pie',
      massKg: 1,
      form: 'dish',
      condition: 'cooked',
      place: 'refrigerator',
      since: START - 6 * HOUR_MS,
    }),
  ),
];
export const stateOf = (events: readonly FoodEvent[]): FoodState => foldTrail(events, PLAIN_GUIDANCE)!;

export const wanted = {
  name: 'Supper',
  people: 9,
  smallEaters: 0,
  serveAt: START + 72 * HOUR_MS,
  dishes: [lamb, pie, salad],
};
export const asked = (more: Partial<MealAsked> = {}): MealAsked => ({
  wanted,
  foods: [stateOf(lambEvents()), stateOf(pieEvents)],
  settings,
  guidance: PLAIN_GUIDANCE,
  units: { temperature: 'C', mass: 'metric' },
  now: START,
  meal: null,
  ...more,
});

let nextId = 0;
export const said = (
  meal: MealState | null,
  type: MealEvent['type'],
  payload: MealEvent['payload'],
  when = START,
): MealState =>
  afterMealEvent(meal, {
    id: `01900000-0000-7000-8000-${String(++nextId).padStart(12, '0')}`,
    mealId: MEAL,
    at: when,
    type,
    payload,
  } as MealEvent);
