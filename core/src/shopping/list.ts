import { boughtKey, type FoodState, type MealState } from '../trail';
import { shopShelves, type PlannedDish } from '../record';

/** Raw animal food is by itself, and what is frozen comes last. */
export const shopPlaces = ['dry', 'produce', 'chilled', 'raw', 'frozen'] as const;
export type ShopPlace = (typeof shopPlaces)[number];

type RawDish = Extract<PlannedDish, { kind: 'cooked' }>;

/** One thing to buy: food that is logged from then on, or something that goes into a dish. */
export type ToBuy =
  | { readonly kind: 'food'; readonly dish: RawDish }
  | { readonly kind: 'item'; readonly dish: string; readonly item: string; readonly boughtAt: number | null };

/** What is bought for a meal, place by place in the order one goes through a shop; places where nothing is wanted are left out. */
export function shoppingList(
  { wanted, bought = {} }: Pick<MealState, 'wanted' | 'bought'>,
  foods: readonly Pick<FoodState, 'foodId'>[],
): readonly { readonly place: ShopPlace; readonly things: readonly ToBuy[] }[] {
  const known = new Set(foods.map(({ foodId }) => foodId));
  const all = wanted.dishes.flatMap((dish) => [...itsFood(dish, known), ...itsItems(dish, bought)]);
  return shopPlaces.flatMap((place) => {
    const things = all.filter((each) => each.place === place).map(({ thing }) => thing);
    return things.length ? [{ place, things }] : [];
  });
}

interface Placed {
  readonly place: ShopPlace;
  readonly thing: ToBuy;
}

function itsFood(dish: PlannedDish, known: ReadonlySet<string>): Placed[] {
  if (dish.kind !== 'cooked' || dish.comes !== 'shop' || known.has(dish.foodId)) return [];
  return [{ place: dish.condition === 'frozen' ? 'frozen' : 'raw', thing: { kind: 'food', dish } }];
}

const itsItems = ({ id, buys = [] }: PlannedDish, bought: Readonly<Record<string, number>>): Placed[] =>
  shopShelves.flatMap((shelf) =>
    buys
      .filter((each) => each.shelf === shelf)
      .map(({ name }) => ({
        place: shelf,
        thing: { kind: 'item', dish: id, item: name, boughtAt: bought[boughtKey(id, name)] ?? null },
      })),
  );
