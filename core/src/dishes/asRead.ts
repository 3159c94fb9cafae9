import { placesOf, targetOf } from '../clocks';
import { foodById } from '../foods';
import { roastForecast, startC } from '../forecast';
import type { RuleSet, Span } from '../guidance';
import { allBlow, type Oven } from '../meal';
import type { PlannedDish } from '../record';
import { ThermalProblem } from '../thermal';
import type { CookState, FoodState } from '../trail';
import { SECOND_MS, toCelsius } from '../units';

/**
 * A dish on the heat with how long it takes by what its probe read: once every place is at its target it is done; before, the readings
 * of a joint in the oven say when it will be, as far as they tell anything. What they do not tell is left as it was planned.
 */
export function asRead(
  dish: PlannedDish,
  food: FoodState | null,
  { rules, ovens }: { readonly rules: RuleSet; readonly ovens: readonly Oven[] },
): PlannedDish {
  const cook = food?.cook;
  if (dish.kind !== 'cooked' || cook?.kind !== 'cook' || cook.onHeatSince === null) return dish;
  const span =
    cook.metAt === null
      ? forecastOf(dish, food!, cook, { rules, fan: food!.oven?.fan ?? allBlow(ovens) })
      : { fastMs: cook.metAt - cook.startedAt, slowMs: cook.metAt - cook.startedAt };
  if (!span) return dish;
  const [fastMs, slowMs] = [Math.round(span.fastMs), Math.round(span.slowMs)];
  return { ...dish, heating: { ...dish.heating, fastMs, slowMs } };
}

function forecastOf(
  { heating }: Extract<PlannedDish, { kind: 'cooked' }>,
  food: FoodState,
  { startedAt, from, readings }: CookState,
  { rules, fan }: { readonly rules: RuleSet; readonly fan: boolean },
): Span | null {
  const known = foodById(food.foodKey);
  const target = targetOf(food, rules);
  // Elsewhere it is warmer, and says nothing of the middle.
  const middle = readings.filter(({ place }) => place === placesOf(food)[0]);
  if (!known.roast || !target || heating.at !== 'oven' || !heating.celsius || middle.length === 0)
    return null;
  try {
    const { span, told, unmet } = roastForecast(
      {
        food: known,
        form: food.form,
        massKg: food.massKg,
        ovenC: heating.celsius[0],
        fan,
        startC: startC(from, known, rules),
        targetC: toCelsius(target.value.options[0]!.at),
      },
      middle.map(({ at, temperature }) => ({
        atS: (at - startedAt) / SECOND_MS,
        coreC: toCelsius(temperature),
      })),
    );
    return told && !unmet ? span : null;
  } catch (problem) {
    if (problem instanceof ThermalProblem) return null;
    throw problem;
  }
}
