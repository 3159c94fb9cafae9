/**
 * A meal: dishes for a table, out of a kitchen. Turns them into tasks with their rules, for `schedule` to place, and says how
 * much to buy. What one food needs is `plan`'s; when each task is done is `schedule`'s.
 */
export type { ColdDish, Cook, CookedDish, Dish, Heating, Kitchen, Meal, ReheatedDish, Table } from './meal';
export { conflictWords, type ConflictWords } from './conflictWords';
export { dishTasks, type DishTasks, type MealTask, type Planning, type TaskKind } from './dishTasks';
export { type DishObstacle, mealProblem, type MealProblem } from './mealProblem';
export { type Eaters, massFor, portionsIn, portionsOf, servingOf } from './servings';
