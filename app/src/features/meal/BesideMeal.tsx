import { SECOND_OVEN, type MealStep } from '@omtel/core/meal';
import type { Handled, Trait } from '@omtel/core/practice';
import type { FoodState } from '@omtel/core/trail';
import { BesideStep, MOMENTS_OF_MEAL_STEP } from '../practice';

const BY_PLACE: Readonly<Record<string, Trait>> = {
  oven: 'oven',
  [SECOND_OVEN]: 'oven',
  microwave: 'microwave',
  hob: 'fat',
  grill: 'fat',
};

interface BesideMealProps {
  readonly step: MealStep;
  /** The food of its dish, where it is in the stores. */
  readonly food: FoodState | undefined;
}

/** What keeps a step of a meal safe. */
export function BesideMeal({ step: { kind, dish, task }, food }: BesideMealProps) {
  const method = dish?.kind === 'cooked' && kind === 'thaw' ? dish.method : null;
  const thawedBy =
    method === 'refrigerator' || method === 'coldWater' || method === 'microwave' ? method : null;
  const handled: Handled | null =
    dish?.kind === 'cooked' ? { ...dish, withoutAir: food?.withoutAir } : (food ?? null);
  const again = kind === 'on' && dish?.kind === 'reheated';
  return (
    <BesideStep
      moments={again ? ['heat'] : MOMENTS_OF_MEAL_STEP[kind]}
      food={handled}
      by={[thawedBy, BY_PLACE[task?.place ?? ''] ?? null, dish && dish.kind !== 'cooked' ? 'ready' : null]}
    />
  );
}
