import type { PlannedDish } from '@omtel/core/record';
import { leavesSome } from '@omtel/core/shopping';
import type { MealState } from '@omtel/core/trail';

/** A dish of an earlier meal of which some will be left. */
export interface ToBeLeft {
  readonly meal: MealState;
  readonly dish: PlannedDish;
}

/** What will be left over from meals that are on the table before a moment. */
export const toBeLeft = (meals: readonly MealState[], before: number): readonly ToBeLeft[] =>
  meals
    .filter(({ wanted, schedule, dropped }) => !dropped && (schedule?.serveAt ?? wanted.serveAt) < before)
    .flatMap((meal) => meal.wanted.dishes.filter(leavesSome).map((dish) => ({ meal, dish })));
