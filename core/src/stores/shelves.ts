import { shelfCategories, type ShelfCategory } from '../foods';
import type { RuleSet } from '../guidance';
import { kindsOf } from '../clocks';
import { shelves, SHELF_WORDS, type Shelf } from '../record';
import type { FoodState } from '../trail';

/** Something that stands where it may drip on, or be dripped on. */
export interface ShelfObjection {
  /** What to move. */
  readonly food: FoodState;
  /** Where it may go. */
  readonly to: Shelf;
  readonly words: string;
  readonly ruleId: string;
}

const rank = (category: ShelfCategory): number => shelfCategories.indexOf(category);

/** Where a food belongs by what it is now: cooked food with the ready-to-eat, a raw mixed dish with its lowest part. */
export function shelfCategoryOf(state: FoodState): ShelfCategory {
  const lowest = kindsOf(state)
    .map(({ shelf }) => shelf)
    .reduce((a, b) => (rank(b) > rank(a) ? b : a));
  return state.cooked && lowest !== 'produceDairy' ? 'readyToEat' : lowest;
}

const RAW: ReadonlySet<ShelfCategory> = new Set(['wholeRaw', 'groundRaw', 'poultryRaw']);
/** The door stands apart; nothing drips from it. */
const levels = shelves.filter((shelf) => shelf !== 'door');
const levelOf = (shelf: Shelf): number => levels.indexOf(shelf as (typeof levels)[number]);

/**
 * What is wrong with the order of the shelves: raw food above ready-to-eat, a raw food above one that is cooked to less,
 * ready-to-eat food uncovered beside or below raw. Of a pair the raw one is to move, down to where nothing is below it.
 *
 * @param foods the foods of a household; those not on a shelf of the refrigerator are left out
 */
export function shelfObjections(foods: readonly FoodState[], rules: RuleSet): readonly ShelfObjection[] {
  const standing = foods.filter(
    ({ place, shelf }) => place === 'refrigerator' && shelf !== null && shelf !== 'door',
  );
  const ruleId = rules.keepingApart.shelves.id;
  return standing.flatMap((food): ShelfObjection[] => {
    const category = shelfCategoryOf(food);
    if (!RAW.has(category)) return uncovered(food, standing, ruleId);
    const below = standing.find(
      (other) =>
        levelOf(other.shelf!) > levelOf(food.shelf!) && rank(shelfCategoryOf(other)) < rank(category),
    );
    if (!below) return [];
    return [
      {
        food,
        to: lowestFor(category, standing),
        words: `${food.name}: raw, on the ${SHELF_WORDS[food.shelf!]}, above ${below.name}. What drips must not reach what is eaten with less cooking.`,
        ruleId,
      },
    ];
  });
}

function uncovered(food: FoodState, standing: readonly FoodState[], ruleId: string): ShelfObjection[] {
  if (food.covered || food.sealed || shelfCategoryOf(food) !== 'readyToEat') return [];
  const raw = standing.find(
    (other) => RAW.has(shelfCategoryOf(other)) && levelOf(other.shelf!) <= levelOf(food.shelf!),
  );
  return raw
    ? [
        {
          food,
          to: 'top',
          words: `${food.name}: uncovered, with ${raw.name} beside or above. Cover it, or move it up.`,
          ruleId,
        },
      ]
    : [];
}

/** The lowest shelf on which nothing that is eaten with less cooking stands below. */
function lowestFor(category: ShelfCategory, standing: readonly FoodState[]): Shelf {
  const under = standing.filter((other) => rank(shelfCategoryOf(other)) < rank(category));
  const lowest = Math.max(0, ...under.map(({ shelf }) => levelOf(shelf!)));
  return levels[Math.min(levels.length - 1, Math.max(lowest, levels.indexOf('lower')))]!;
}
