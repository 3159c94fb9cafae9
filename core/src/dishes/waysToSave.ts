import { methods, type Method } from '../plan';
import type { MealPayload, PlannedDish } from '../record';
import type { OnProgress } from '../thermal';
import { standOf } from '../meal';
import { planMeal, type MealAsked } from './planMeal';

/** A change with which dinner is less late, tried and true. */
export interface WayToSave {
  readonly change:
    | { readonly kind: 'method'; readonly dish: string; readonly method: Method }
    | { readonly kind: 'without'; readonly dish: string };
  readonly wanted: MealPayload<'mealPlanned'>;
  readonly schedule: MealPayload<'mealScheduled'>;
}

/** Whoever looks for a way out waits a little longer than after a tick. */
const PATIENT = 2500;
/** More than these nobody weighs with wet hands. */
const MOST_WAYS = 3;
/** The ways a frozen dish can still go, quickest to ask for first; which will do is for the rules to say. */
const QUICKER: readonly Method[] = ['coldWater', 'microwave', 'fromFrozen'];

/**
 * What would save a meal that is late: another way to thaw a dish whose heat is still to come, else a dish less. Each was planned
 * anew with all that has begun where it is.
 *
 * @param asked with the meal as it stands, scheduled late
 * @param onProgress told the share done
 * @returns the ways that make it earlier, the earliest first; of those as early, another method before a dish less
 */
export function waysToSave(asked: MealAsked, onProgress?: OnProgress): readonly WayToSave[] {
  const { wanted, meal, foods } = asked;
  const schedule = meal?.schedule;
  if (!schedule) return [];
  const stand = standOf(meal, foods);
  const heated = ({ id }: PlannedDish) =>
    stand.tasks.has(`${id}.cook`) || stand.tasks.has(`${id}.reheat`) || stand.servedAt !== null;
  const isThawed = ({ id }: PlannedDish) => (stand.tasks.get(`${id}.thaw`)?.doneAt ?? null) !== null;
  const candidates = wanted.dishes
    .filter((dish) => !heated(dish))
    .flatMap((dish) => changesOf(dish, isThawed(dish)));
  const ways = candidates.flatMap((change, index): WayToSave[] => {
    onProgress?.(index / candidates.length);
    const changed = { ...wanted, dishes: withChange(wanted.dishes, change) };
    if (changed.dishes.length === 0) return [];
    const answer = planMeal(
      { ...asked, wanted: changed, meal: { ...meal, wanted: changed } },
      { rounds: 0, earlier: PATIENT },
    );
    if (answer.kind !== 'scheduled' || answer.schedule.serveAt >= schedule.serveAt) return [];
    return [{ change, wanted: { ...changed, dishes: [...answer.dishes] }, schedule: answer.schedule }];
  });
  return ways
    .sort((a, b) => a.schedule.serveAt - b.schedule.serveAt || rank(a) - rank(b))
    .slice(0, MOST_WAYS);
}

type Change = WayToSave['change'];

const rank = ({ change }: WayToSave): number =>
  change.kind === 'without' ? QUICKER.length : QUICKER.indexOf(change.method);

function changesOf(dish: PlannedDish, isThawed: boolean): Change[] {
  const others: Change[] =
    dish.kind === 'cooked' && dish.condition === 'frozen' && !isThawed
      ? methods
          .filter((method) => QUICKER.includes(method) && method !== dish.method)
          .map((method) => ({ kind: 'method', dish: dish.id, method }))
      : [];
  return [...others, { kind: 'without', dish: dish.id }];
}

const withChange = (dishes: readonly PlannedDish[], change: Change): PlannedDish[] =>
  change.kind === 'without'
    ? dishes.filter(({ id }) => id !== change.dish)
    : dishes.map((dish) => {
        if (dish.id !== change.dish || dish.kind !== 'cooked') return dish;
        // What was read of its middle was read of another way.
        return { ...dish, thawLeftMs: undefined, method: change.method };
      });
