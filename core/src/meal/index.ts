/**
 * A meal: dishes for a table, out of a kitchen. Turns them into tasks with their rules, for `schedule` to place, and says how
 * much to buy. What one food needs is `plan`'s; when each task is done is `schedule`'s.
 */
export type {
  ColdDish,
  Cook,
  CookedDish,
  Dish,
  Heating,
  Kitchen,
  Meal,
  PlainDish,
  ReheatedDish,
  Table,
} from './meal';
export { conflictWords, type ConflictWords } from './conflictWords';
export { dishTasks, type DishTasks, type MealTask, type Planning } from './dishTasks';
export { kitchenFor, type KitchenSettings } from './kitchenFor';
export { type DishObstacle, mealProblem, type MealProblem } from './mealProblem';
export { type MealAnswer, type MealAsked, type Moved, planMeal } from './planMeal';
export { dishOf } from './plannedDish';
export { type Eaters, massFor, portionsIn, portionsOf, servingOf } from './servings';
export { type MealStand, type Stand, standOf, TABLE } from './stand';
export { type MealLine, mealLine, type MealStep, type MealStepKind, mealStepKinds } from './mealSteps';
export { mealStepWords, type MealWordsContext } from './mealWords';
export { type Doing, whoDoes } from './whoDoes';
export { outOfCold, type OutOfCold } from './outOfCold';
