import { MINUTE_MS } from '../units';
import { isAlongTheWay, type MealLine, type MealStep, type MealStepKind } from './mealSteps';

/**
 * How long after its time a step can be left before it does harm, min: the water breaks its rule at once, what is on the heat burns,
 * then what lies out or cools, then what makes dinner late; a sink that was not washed waits longest. By what usually follows, not by
 * any rule.
 */
const HURTS_AFTER: Partial<Record<MealStepKind, number>> = {
  water: 0,
  off: 5,
  read: 10,
  on: 10,
  serve: 10,
  ovenOn: 15,
  putAway: 20,
  finish: 20,
  prepare: 20,
  feelForIce: 20,
  thaw: 30,
  marinate: 30,
  washSink: 60,
};

const hurtsAt = ({ at, kind }: MealStep): number => at + (HURTS_AFTER[kind] ?? 0) * MINUTE_MS;

/**
 * The steps that are still to be done: those that are due first, the one that does harm soonest before the others; then the rest by
 * their times.
 */
export function toDo({ steps }: Pick<MealLine, 'steps'>, now: number): readonly MealStep[] {
  const left = steps.filter((step) => step.doneAt === null && !isAlongTheWay(step));
  const due = left.filter(({ at }) => at <= now);
  return [...due.sort((a, b) => hurtsAt(a) - hurtsAt(b)), ...left.filter(({ at }) => at > now)];
}
