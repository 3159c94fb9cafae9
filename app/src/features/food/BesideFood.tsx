import { foodById } from '@omtel/core/foods';
import type { Step } from '@omtel/core/plan';
import type { FoodState } from '@omtel/core/trail';
import { BesideStep, MOMENTS_OF_STEP } from '../practice';

/** What keeps the next step of a food's plan safe. */
export function BesideFood({ food, step: { kind } }: { readonly food: FoodState; readonly step: Step }) {
  const method = food.plan?.method;
  const thawedBy =
    method === 'refrigerator' || method === 'coldWater' || method === 'microwave' ? method : null;
  // A microwave that thaws does not cook it.
  const by = kind === 'startThaw' ? thawedBy : foodById(food.foodKey).roast ? 'oven' : 'fat';
  return <BesideStep key={kind} moments={MOMENTS_OF_STEP[kind]} food={food} by={[by]} />;
}
