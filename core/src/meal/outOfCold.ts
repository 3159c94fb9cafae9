import { bandLimit } from '../clocks';
import type { RuleSet } from '../guidance';
import { taskId, type MealPayload, type PlannedDish } from '../record';
import type { Interval } from '../time';
import type { FoodState } from '../trail';
import { MINUTE_MS } from '../units';

/** A dish's time out of the cold and off the heat as it is planned, and how much of what it may have is left after it. */
export interface OutOfCold {
  readonly spans: readonly Interval[];
  readonly leftMs: number;
}

/**
 * How long a dish stands out of heat and cold by its schedule: from the board to the heat, and from the heat until what is left is put
 * away. That it is still hot for a while is not counted on.
 */
export function outOfCold(
  dish: PlannedDish,
  { serveAt, tasks }: MealPayload<'mealScheduled'>,
  food: FoodState | null,
  rules: RuleSet,
): OutOfCold {
  const task = (kind: Parameters<typeof taskId>[1]) => tasks.find(({ id }) => id === taskId(dish.id, kind));
  const end = (kind: Parameters<typeof taskId>[1]) => {
    const found = task(kind);
    return found && found.startAt + found.minutes * MINUTE_MS;
  };
  const heat = task('cook') ?? task('reheat');
  const over = end('putAway') ?? serveAt + AT_TABLE_MS;
  const prepared = dish.kind === 'cooked' || dish.kind === 'cold' ? task('prepare')?.startAt : undefined;
  const raw =
    dish.kind === 'cooked' && heat && prepared !== undefined ? [{ from: prepared, to: heat.startAt }] : [];
  const done = heat ? heat.startAt + heat.minutes * MINUTE_MS : (prepared ?? serveAt);
  const kinds = dish.kind === 'cooked' ? dish : (food ?? PLAIN);
  const limit = bandLimit({ foodKey: kinds.foodKey, parts: kinds.parts }, rules).value.ms;
  return { spans: [...raw, { from: done, to: over }], leftMs: limit - (over - done) };
}

/** What is not put away is eaten by then. */
const AT_TABLE_MS = 30 * MINUTE_MS;
/** A dish of no food in the stores is ruled as vegetables. */
const PLAIN = { foodKey: 'cooked-vegetables', parts: [] as string[] };
