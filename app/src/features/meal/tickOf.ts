import type { RuleSet } from '@omtel/core/guidance';
import { dialOf, TABLE, type MealStep } from '@omtel/core/meal';
import type { EventType, KitchenEvent, Payload, TickedKind } from '@omtel/core/record';
import type { FoodState, MealState } from '@omtel/core/trail';
import type { TemperatureUnit } from '@omtel/core/units';
import { newEvent, newMealEvent } from '../../store/outbox/record';

/** What ticking a step does: what is recorded, or the page on which it is done. */
export type Tick = { readonly events: readonly KitchenEvent[] } | { readonly page: string };

interface Ticking {
  readonly meal: MealState;
  /** The foods of the meal that are in the stores. */
  readonly foods: readonly FoodState[];
  readonly now: number;
  readonly rules: RuleSet;
  readonly unit: TemperatureUnit;
}

/** A step that is ticked is an entry of its food; what no food tells of is one of the meal. */
export function tickOf(step: MealStep, { meal, foods, now, rules, unit }: Ticking): Tick {
  const { kind, dish } = step;
  const food = dish?.foodId ? foods.find(({ foodId }) => foodId === dish.foodId) : undefined;
  const ofFood = <Type extends EventType>(type: Type, payload: Payload<Type>): Tick => ({
    events: food ? [newEvent(food.foodId, now, type, payload)] : [],
  });
  const ofMeal = (what: TickedKind, part: 'begun' | 'done' = 'begun'): Tick => ({
    events: [
      newMealEvent(meal.mealId, now, 'mealTicked', {
        dish: dish?.id ?? TABLE,
        name: dish?.name ?? meal.wanted.name,
        kind: what,
        part,
        at: Math.round(now),
      }),
    ],
  });
  const both = (a: Tick, b: Tick): Tick => ({
    events: [...('events' in a ? a.events : []), ...('events' in b ? b.events : [])],
  });
  switch (kind) {
    case 'thaw': {
      if (!food || dish?.kind !== 'cooked') return ofMeal('thaw');
      const method =
        dish.method === 'coldWater' || dish.method === 'microwave' ? dish.method : 'refrigerator';
      const running = method === 'coldWater' && rules.thawing.waterRunning.value.yes;
      return ofFood('thawStarted', { method, ...(running && { running: true as const }) });
    }
    case 'water':
      return food ? ofFood('waterChanged', {}) : { events: [] };
    case 'feelForIce':
      return food ? ofFood('thawed', {}) : ofMeal('thaw', 'done');
    case 'washSink':
    case 'marinate':
      return ofMeal(kind);
    case 'prepare': {
      const begun = ofMeal('prepare');
      // Out of the cold its clock runs.
      const comesOut = food?.place === 'refrigerator' && dish?.kind === 'cooked';
      return comesOut ? both(ofFood('moved', { place: 'counter' }), begun) : begun;
    }
    case 'ovenOn': {
      // As hot as the step said, which is what was ticked.
      const temperature = dialOf(step, unit);
      const said = temperature ? { temperature } : {};
      return food ? both(ofFood('ovenOn', said), ofMeal('ovenOn')) : ofMeal('ovenOn');
    }
    case 'on': {
      const by = step.task?.place === 'microwave' ? { by: 'microwave' as const } : {};
      return food ? ofFood('cookingStarted', by) : ofMeal(step.task!.kind);
    }
    case 'read':
      return food ? { page: `/food/${food.foodId}/cook` } : { events: [] };
    case 'off':
      return food ? ofFood('offHeat', {}) : ofMeal(step.task!.kind, 'done');
    case 'finish':
      return ofMeal('finish');
    case 'serve': {
      const served = foods.filter(({ cooked, place, cook }) => place !== 'gone' && (cooked || cook !== null));
      return both(
        { events: served.map(({ foodId }) => newEvent(foodId, now, 'served', {})) },
        ofMeal('serve', 'done'),
      );
    }
    case 'putAway':
      return food ? { page: `/food/${food.foodId}/leftovers` } : ofMeal('putAway', 'done');
    case 'turn':
    case 'stir':
      return { events: [] };
  }
}
