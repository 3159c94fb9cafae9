import { readMass } from '@omtel/core/foods';
import type { FoodEvent, Payload } from '@omtel/core/record';
import type { FoodState } from '@omtel/core/trail';
import { massUnitOf, type Problem, type UnitSystem } from '@omtel/core/units';
import { v7 as uuid } from 'uuid';
import { newEvent } from '../../store/outbox/record';

/** The weight of a part, which leaves something of the whole; or a sentence for the field. */
export function readShare(text: string, units: UnitSystem, wholeKg: number): { massKg: number } | Problem {
  const read = readMass(text, massUnitOf(units), units);
  if ('problem' in read || read.massKg < wholeKg) return read;
  return { problem: 'Less than the whole.' };
}

/** How many of a food's portions a part of it is, at least one; nothing where they were never counted. */
export function portionsOf({ container, massKg: wholeKg }: FoodState, massKg: number): { portions?: number } {
  return container ? { portions: Math.max(1, Math.round((container.portions * massKg) / wholeKg)) } : {};
}

/** So many of a food's portions, with their share of its weight. */
export function shareOf(
  { massKg, container }: Pick<FoodState, 'massKg' | 'container'>,
  portions: number,
): { massKg: number; portions: number } {
  return { massKg: (massKg * portions) / (container?.portions ?? 1), portions };
}

/** What is recorded when a part of a food goes its own way: the part begins, and the whole is so much less. */
export function dividing(
  food: Pick<FoodState, 'foodId'>,
  at: number,
  part: Omit<Payload<'portioned'>, 'from'>,
): { to: string; events: readonly FoodEvent[] } {
  const to = uuid();
  const { name, ...share } = part;
  return {
    to,
    events: [
      newEvent(to, at, 'portioned', { from: food.foodId, name, ...share }),
      newEvent(food.foodId, at, 'dividedOff', { to, ...share }),
    ],
  };
}
