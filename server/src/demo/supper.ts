import type { Settings } from '@omtel/core/api';
import { DEFAULT_SETTINGS } from '@omtel/core/household';
import { PLAIN_GUIDANCE } from '@omtel/core/guidance';
import { planMeal } from '@omtel/core/dishes';
import type {
  FoodEvent,
  KitchenEvent,
  MealEvent,
  MealEventType,
  MealPayload,
  PlannedDish,
} from '@omtel/core/record';
import { afterMealEvent, foldTrail, type FoodState, type MealState } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';

/** Who always eats with the crew: one of the cooks is expecting, and leaves meat and leftovers to the others. */
export const DEMO_TABLE: Settings['table'] = [
  { id: 'ines', name: 'Ines', small: false, care: 'pregnancy' },
  { id: 'bram', name: 'Bram', small: false, care: null },
];

const NOT_INES = ['ines'];

/** The second cook is out in the early afternoon. */
export const DEMO_COOKS: Settings['cooks'] = [
  { id: 'ines', name: 'Ines', availability: null },
  {
    id: 'bram',
    name: 'Bram',
    availability: Object.fromEntries(
      Object.keys(DEFAULT_SETTINGS.availability).map((day) => [
        day,
        [
          { from: '06:30', to: '13:00' },
          { from: '16:30', to: '23:30' },
        ],
      ]),
    ) as Settings['availability'],
  },
];

const minutes = (n: number) => n * MINUTE_MS;

interface Times extends Readonly<Record<'opens' | 'plannedAt' | 'serveAt', number>> {
  readonly zone: string;
}

/**
 * The crew's supper on the day after the story opens, planned the morning before, when the lamb went to the refrigerator; scheduled as
 * things stand when it opens. What is left of the lamb goes into flatbreads the day after, and is eaten up cold the day after that.
 *
 * @param times of each meal
 * @param lamb its trail so far
 * @param bake the aubergine bake's
 */
export function crewSupper(
  times: Readonly<Record<'supper' | 'flatbreads' | 'coldCuts', Times>>,
  lamb: readonly FoodEvent[],
  bake: readonly FoodEvent[],
): KitchenEvent[] {
  const foods = [lamb, bake].map((events) => foldTrail(events, PLAIN_GUIDANCE)!);
  const lambId = lamb[0]!.foodId;
  const supper = scheduledMeal(
    { name: 'Crew supper', people: 9, dishes: supperDishes(lambId, bake[0]!.foodId, times.supper.plannedAt) },
    times.supper,
    foods,
  );
  const others = [supper.meal];
  const left = {
    id: 'lamb',
    name: 'Leg of lamb',
    foodId: lambId,
    leftFrom: supper.meal.mealId,
    without: NOT_INES,
    finishMs: 0,
    keeps: false,
  };
  const flatbreads = scheduledMeal(
    {
      name: 'Flatbreads',
      people: 6,
      dishes: [
        {
          kind: 'reheated',
          ...left,
          heating: { at: 'hob', fastMs: minutes(8), slowMs: minutes(12), everyMs: minutes(2) },
          prepareMs: minutes(10),
          waitsMs: minutes(15),
        },
        {
          ...plain('bread', 'Flatbreads', 25, { at: 'hob', fastMs: minutes(12), slowMs: minutes(15) }),
          keeps: false,
        },
        cold('slaw', 'Red cabbage slaw', 15),
      ],
    },
    times.flatbreads,
    foods,
    others,
  );
  const coldCuts = scheduledMeal(
    {
      name: 'Cold cuts',
      people: 5,
      dishes: [
        { kind: 'cold', ...left, prepareMs: minutes(10), waitsMs: minutes(30) },
        cold('pickles', 'Pickles and bread', 10),
      ],
    },
    times.coldCuts,
    foods,
    others,
  );
  return [supper, flatbreads, coldCuts].flatMap(({ events }) => events);
}

interface Written {
  readonly name: string;
  readonly people: number;
  readonly dishes: PlannedDish[];
}

/** A meal that was planned then, and scheduled as things stand when the story opens. */
function scheduledMeal(
  { name, people, dishes }: Written,
  { opens, plannedAt, serveAt, zone }: Times,
  foods: readonly FoodState[],
  others: readonly MealState[] = [],
): { readonly meal: MealState; readonly events: KitchenEvent[] } {
  const mealId = uuid({ msecs: plannedAt });
  const said = <Type extends MealEventType>(at: number, type: Type, payload: MealPayload<Type>): MealEvent =>
    ({ id: uuid({ msecs: at }), mealId, at, type, payload }) as MealEvent;
  const planned = said(plannedAt, 'mealPlanned', { name, people, smallEaters: 0, serveAt, dishes });
  const answer = planMeal({
    wanted: planned.payload as MealPayload<'mealPlanned'>,
    foods,
    others,
    settings: { ...DEFAULT_SETTINGS, cooks: DEMO_COOKS, table: DEMO_TABLE, zone },
    guidance: PLAIN_GUIDANCE,
    units: DEFAULT_SETTINGS.units,
    now: opens,
    meal: afterMealEvent(null, planned),
  });
  if (answer.kind !== 'scheduled')
    throw new Error(`The story’s ${name} has no schedule: ${JSON.stringify(answer)}`);
  const scheduled = said(opens, 'mealScheduled', answer.schedule);
  return { meal: afterMealEvent(afterMealEvent(null, planned), scheduled), events: [planned, scheduled] };
}

function supperDishes(lambId: string, bakeId: string, lambSince: number): PlannedDish[] {
  return [
    {
      kind: 'cooked',
      id: 'lamb',
      name: 'Leg of lamb',
      foodId: lambId,
      foodKey: 'lamb-leg-bone-in',
      parts: [],
      form: 'boneInJoint',
      massKg: 2.7,
      condition: 'frozen',
      since: lambSince,
      method: 'refrigerator',
      // As it was worked out when it was planned.
      computedThaw: { refrigerator: { fastMs: 24 * HOUR_MS, slowMs: 50 * HOUR_MS } },
      heating: { at: 'oven', fastMs: minutes(119), slowMs: minutes(149), celsius: [163, 175] },
      prepareMs: minutes(15),
      restMs: minutes(20),
      finishMs: minutes(10),
      waitsMs: minutes(20),
      keeps: true,
      without: NOT_INES,
    },
    plain('potatoes', 'Roast potatoes', 20, {
      at: 'oven',
      fastMs: minutes(40),
      slowMs: minutes(50),
      celsius: [200, 220],
    }),
    {
      kind: 'reheated',
      id: 'bake',
      // Heated once it is eaten up.
      name: 'Aubergine bake',
      foodId: bakeId,
      heating: { at: 'oven', fastMs: minutes(30), slowMs: minutes(40), celsius: [190, 210] },
      prepareMs: 0,
      finishMs: 0,
      waitsMs: minutes(20),
      keeps: false,
      without: NOT_INES,
    },
    plain('greens', 'Greens', 10, { at: 'hob', fastMs: minutes(8), slowMs: minutes(12) }),
    cold('salad', 'Tomato salad', 15),
  ];
}

const cold = (id: string, name: string, prepareMin: number): PlannedDish => ({
  kind: 'cold',
  id,
  name,
  foodId: null,
  prepareMs: minutes(prepareMin),
  finishMs: 0,
  waitsMs: minutes(60),
  keeps: false,
});

const plain = (
  id: string,
  name: string,
  prepareMin: number,
  heating: Extract<PlannedDish, { kind: 'plain' }>['heating'],
): PlannedDish => ({
  kind: 'plain',
  id,
  name,
  foodId: null,
  heating,
  prepareMs: minutes(prepareMin),
  finishMs: 0,
  waitsMs: minutes(15),
  keeps: true,
});
