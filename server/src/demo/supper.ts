import { DEFAULT_SETTINGS, type Settings } from '@omtel/core/api';
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
import { afterMealEvent, foldTrail } from '@omtel/core/trail';
import { HOUR_MS, MINUTE_MS } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';

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

/**
 * The crew's supper on the day after the story opens, planned the morning before, when the lamb went to the refrigerator; scheduled as
 * things stand when it opens.
 *
 * @param lamb its trail so far
 * @param bake the aubergine bake's
 */
export function crewSupper(
  {
    opens,
    plannedAt,
    serveAt,
    zone,
  }: Readonly<Record<'opens' | 'plannedAt' | 'serveAt', number>> & { readonly zone: string },
  lamb: readonly FoodEvent[],
  bake: readonly FoodEvent[],
): KitchenEvent[] {
  const mealId = uuid({ msecs: plannedAt });
  const said = <Type extends MealEventType>(at: number, type: Type, payload: MealPayload<Type>): MealEvent =>
    ({ id: uuid({ msecs: at }), mealId, at, type, payload }) as MealEvent;
  const dishes: PlannedDish[] = [
    {
      kind: 'cooked',
      id: 'lamb',
      name: 'Leg of lamb',
      foodId: lamb[0]!.foodId,
      foodKey: 'lamb-leg-bone-in',
      parts: [],
      form: 'boneInJoint',
      massKg: 2.7,
      condition: 'frozen',
      since: plannedAt,
      method: 'refrigerator',
      // As it was worked out when it was planned.
      computedThaw: { refrigerator: { fastMs: 24 * HOUR_MS, slowMs: 50 * HOUR_MS } },
      heating: { at: 'oven', fastMs: minutes(119), slowMs: minutes(149), celsius: [163, 175] },
      prepareMs: minutes(15),
      restMs: minutes(20),
      finishMs: minutes(10),
      waitsMs: minutes(20),
      keeps: true,
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
      foodId: bake[0]!.foodId,
      heating: { at: 'oven', fastMs: minutes(30), slowMs: minutes(40), celsius: [190, 210] },
      prepareMs: 0,
      finishMs: 0,
      waitsMs: minutes(20),
      keeps: false,
    },
    plain('greens', 'Greens', 10, { at: 'hob', fastMs: minutes(8), slowMs: minutes(12) }),
    {
      kind: 'cold',
      id: 'salad',
      name: 'Tomato salad',
      foodId: null,
      prepareMs: minutes(15),
      finishMs: 0,
      waitsMs: minutes(60),
      keeps: false,
    },
  ];
  const planned = said(plannedAt, 'mealPlanned', {
    name: 'Crew supper',
    people: 9,
    smallEaters: 0,
    serveAt,
    dishes,
  });
  const answer = planMeal({
    wanted: planned.payload as MealPayload<'mealPlanned'>,
    foods: [lamb, bake].map((events) => foldTrail(events, PLAIN_GUIDANCE)!),
    settings: { ...DEFAULT_SETTINGS, cooks: DEMO_COOKS, zone },
    guidance: PLAIN_GUIDANCE,
    units: DEFAULT_SETTINGS.units,
    now: opens,
    meal: afterMealEvent(null, planned),
  });
  if (answer.kind !== 'scheduled')
    throw new Error(`The story’s supper has no schedule: ${JSON.stringify(answer)}`);
  return [planned, said(opens, 'mealScheduled', answer.schedule)];
}

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
