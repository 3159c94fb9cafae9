import { taskId } from '../record';
import type { ProblemJson } from '../schedule';
import { isRawPoultry, type Dish } from './dish';
import type { MealTask } from './template';

/** On a board: what stays raw or was cooked before, then raw red meat and fish, then raw poultry. */
const rankOf = (dish: Dish): number => (dish.kind !== 'cooked' ? 0 : isRawPoultry(dish) ? 2 : 1);

/**
 * In which order dishes are prepared where it is free: no dish after one that is worse for its board. Each is washed up after
 * whatever comes first, so that this is wished for and is no rule.
 *
 * @returns a wish for every two that follow each other in that order, those that matter most first
 */
export function orderOfWork(
  dishes: readonly Dish[],
  tasks: readonly MealTask[],
): NonNullable<ProblemJson['wishes']> {
  const prepared = new Set(tasks.flatMap(({ dish, kind }) => (kind === 'prepare' ? [dish] : [])));
  const onBoard = dishes.filter(({ id }) => prepared.has(id));
  return onBoard
    .flatMap((one) =>
      onBoard
        .map((other) => ({ one, other, apart: rankOf(other) - rankOf(one) }))
        .filter(({ apart }) => apart > 0),
    )
    .sort((a, b) => b.apart - a.apart)
    .map(({ one, other }) => ({ first: taskId(one.id, 'prepare'), then: taskId(other.id, 'prepare') }));
}
