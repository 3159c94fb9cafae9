import type { Span } from '@omtel/core/guidance';
import type { MethodPlan } from '@omtel/core/plan';
import type { FoodEvent } from '@omtel/core/record';
import { v7 as uuid } from 'uuid';
import { newEvent } from '../../store/outbox/record';
import type { ChosenFood, PlanDraft } from './draft';
import type { PlanInputs } from './usePlanning';

/** The events of accepting a way: the plan, and the food itself where it was not in the stores. */
export function acceptedEvents(
  { name, food, parts, stored }: ChosenFood,
  { form, condition }: PlanDraft,
  { massKg, serveAt, cookFastMs, cookSlowMs, restMs, since, computedThaw }: PlanInputs,
  { method, window }: MethodPlan,
  now: number,
): readonly FoodEvent[] {
  if (!window) return [];
  const foodId = stored?.foodId ?? uuid();
  const added = newEvent(foodId, now, 'added', {
    foodKey: food.id,
    name,
    ...(parts.length && { parts: [...parts] }),
    massKg,
    form,
    condition,
    place: condition === 'frozen' ? 'freezer' : 'refrigerator',
    since,
  });
  const planned = newEvent(foodId, now, 'planned', {
    method,
    serveAt,
    cookFastMs: Math.round(cookFastMs),
    cookSlowMs: Math.round(cookSlowMs),
    restMs,
    startFrom: Math.round(window.from),
    startBy: Math.round(window.to),
    ...(computedThaw && { computedThaw: rounded(computedThaw) }),
  });
  return stored ? [planned] : [added, planned];
}

const whole = (span: Span | undefined): Span | undefined =>
  span && { fastMs: Math.round(span.fastMs), slowMs: Math.round(span.slowMs) };

const rounded = ({ refrigerator, coldWater, microwave }: NonNullable<PlanInputs['computedThaw']>) => ({
  refrigerator: whole(refrigerator),
  coldWater: whole(coldWater),
  microwave: whole(microwave),
});
