/**
 * Dishes for a table, out of a kitchen: turns them into tasks with their rules, for `schedule` to place, and says what stands in the
 * way. What one food needs is `plan`'s; when each task is done is `schedule`'s; how a meal goes on from there is `meal`'s.
 */
export { conflictWords, type ConflictWords } from './conflictWords';
export type { ColdDish, CookedDish, Dish, Heating, Meal, PlainDish, ReheatedDish } from './dish';
export { dishTasks, type DishTasks, type Planning } from './dishTasks';
export type { MealTask } from './template';
export { type DishObstacle, mealProblem, type MealProblem } from './mealProblem';
export { dishOf } from './plannedDish';
export { type MealAnswer, type MealAsked, type Moved, planMeal } from './planMeal';
export { waysToSave, type WayToSave } from './waysToSave';
