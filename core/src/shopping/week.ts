import { foodById } from '../foods';
import { keepingOf, type JudgeContext } from '../judge';
import type { Payload } from '../record';
import { rulesOfFood, type FoodState, type MealState } from '../trail';
import { DAY_MS } from '../units';
import { needsNoCold } from './bought';
import { buyingOf, type Buying } from './buying';
import { shopPlaces, shoppingList, type ShopPlace, type ToBuy } from './list';

/** What came no longer ago was bought for the week that is looked at. */
const JUST_BOUGHT_MS = DAY_MS;
/** So far ahead is shopped for. */
export const WEEK_MS = 7 * DAY_MS;

/** Something wanted for a meal of the week, and when it is bought; or what the household has usually, and is about to have no more. */
export type WeekThing =
  | {
      readonly kind: 'meal';
      readonly meal: MealState;
      readonly thing: ToBuy;
      readonly buying: Buying | null;
    }
  | {
      readonly kind: 'usual';
      readonly food: Payload<'added'>;
      /** When the last of it is over; null where there is none. */
      readonly endsAt: number | null;
    };

interface Week {
  readonly meals: readonly MealState[];
  /** All at hand. */
  readonly foods: readonly FoodState[];
  /** What came lately, each as it came last. */
  readonly lately: readonly Payload<'added'>[];
}

/** What is bought for a week, from the meals that are planned and from what runs out, place by place as one goes through a shop. */
export function weekShopping(
  { meals, foods, lately }: Week,
  context: JudgeContext,
): readonly { readonly place: ShopPlace; readonly things: readonly WeekThing[] }[] {
  const { now } = context;
  const rules = rulesOfFood({ guidedBy: null }, context.guidance);
  const all: { readonly place: ShopPlace; readonly by: number; readonly thing: WeekThing }[] = [];
  for (const meal of meals) {
    const { serveAt } = meal.wanted;
    if (meal.dropped || serveAt < now || serveAt > now + WEEK_MS) continue;
    for (const { place, things } of shoppingList(meal, foods))
      for (const thing of things) {
        const buying =
          thing.kind === 'food' && meal.schedule ? buyingOf(thing.dish, meal.schedule, rules) : null;
        all.push({ place, by: buying?.by ?? serveAt, thing: { kind: 'meal', meal, thing, buying } });
      }
  }
  for (const food of lately) {
    const endsAt = isBought(food) ? lastOf(food, foods, context) : Infinity;
    if (endsAt === null || endsAt <= now + WEEK_MS)
      all.push({ place: placeOf(food), by: endsAt ?? now, thing: { kind: 'usual', food, endsAt } });
  }
  all.sort((a, b) => a.by - b.by);
  return shopPlaces.flatMap((place) => {
    const things = all.filter((each) => each.place === place).map(({ thing }) => thing);
    return things.length ? [{ place, things }] : [];
  });
}

/** What comes out of a shop: raw, or eaten as it is; a dish is cooked again. */
function isBought({ foodKey, condition, from }: Payload<'added'>): boolean {
  const { cooking, rawStorage } = foodById(foodKey);
  return from === undefined && (cooking === null || (rawStorage !== null && condition !== 'cooked'));
}

/**
 * When the last of what there is of a food is over by its days.
 *
 * @returns null where there is none; Infinity where some keeps or was bought just now, or nobody can say
 */
function lastOf(
  { foodKey }: Payload<'added'>,
  foods: readonly FoodState[],
  context: JudgeContext,
): number | null {
  const ends = foods
    .filter((food) => food.foodKey === foodKey && food.place !== 'gone')
    .map((food) => {
      if (food.cameAt > context.now - JUST_BOUGHT_MS) return Infinity;
      const keeping = keepingOf(food, context);
      return keeping?.for === 'safety' ? keeping.to : Infinity;
    });
  return ends.length ? Math.max(...ends) : null;
}

function placeOf(food: Payload<'added'>): ShopPlace {
  if (needsNoCold(food)) return 'dry';
  const { foodKey, condition, place } = food;
  if (condition === 'frozen' || place === 'freezer') return 'frozen';
  const { shelf } = foodById(foodKey);
  return shelf === 'wholeRaw' || shelf === 'groundRaw' || shelf === 'poultryRaw' ? 'raw' : 'chilled';
}
