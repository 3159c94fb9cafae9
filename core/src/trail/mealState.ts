import { taskId, type MealEvent, type MealPayload } from '../record';

/** When a task was begun and done, by what was ticked. */
export interface Ticked {
  readonly begun?: number;
  readonly done?: number;
}

/** What was said of a meal amounts to this. */
export interface MealState {
  readonly mealId: string;
  /** When it was first planned. */
  readonly plannedAt: number;
  readonly wanted: MealPayload<'mealPlanned'>;
  readonly schedule: MealPayload<'mealScheduled'> | null;
  /** By the id of the task. */
  readonly ticks: Readonly<Record<string, Ticked>>;
  /** When what goes into its dishes was bought, by `boughtKey`; meals of before there was a list have none. */
  readonly bought?: Readonly<Record<string, number>>;
  readonly dropped: boolean;
}

/** Something that is bought for a dish, by its name. */
export const boughtKey = (dish: string, item: string): string => `${dish}/${item}`;

/** Something said of a meal that nobody planned. */
export class UnplannedMeal extends Error {}

/**
 * A meal after something more was said of it. Said twice it is the same.
 *
 * @param meal null where nothing was said before
 * @throws UnplannedMeal where the first that is said of it does not plan it
 */
export function afterMealEvent(meal: MealState | null, event: MealEvent): MealState {
  if (!meal) {
    if (event.type !== 'mealPlanned') throw new UnplannedMeal('That meal is not known here.');
    const { mealId, at: plannedAt, payload: wanted } = event;
    return { mealId, plannedAt, wanted, schedule: null, ticks: {}, dropped: false };
  }
  switch (event.type) {
    case 'mealPlanned':
      return { ...meal, wanted: event.payload, dropped: false };
    case 'mealScheduled':
      return { ...meal, schedule: event.payload };
    case 'mealTicked':
      return { ...meal, ticks: ticked(meal.ticks, event.payload) };
    case 'mealBought':
      return { ...meal, bought: withBought(meal.bought, event.payload) };
    case 'mealDropped':
      return { ...meal, dropped: true };
  }
}

function ticked(
  ticks: MealState['ticks'],
  { dish, kind, part, at }: MealPayload<'mealTicked'>,
): MealState['ticks'] {
  const task = taskId(dish, kind);
  return { ...ticks, [task]: { ...ticks[task], [part]: at ?? undefined } };
}

function withBought(
  bought: MealState['bought'] = {},
  { dish, item, at }: MealPayload<'mealBought'>,
): MealState['bought'] {
  const key = boughtKey(dish, item);
  const others = Object.entries(bought).filter(([known]) => known !== key);
  return Object.fromEntries(at === null ? others : [...others, [key, at]]);
}
