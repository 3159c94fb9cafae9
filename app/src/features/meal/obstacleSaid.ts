import type { DishObstacle } from '@omtel/core/dishes';
import { obstacleWords } from '@omtel/core/plan';
import type { MealPayload } from '@omtel/core/record';

/** Why a dish cannot be made like this, whatever the schedule. */
export function obstacleSaid(
  { dish, why, byMs }: DishObstacle,
  { dishes, serveAt }: MealPayload<'mealPlanned'>,
  now: number,
  zone: string,
): string {
  const planned = dishes.find(({ id }) => id === dish);
  const name = planned?.name ?? '';
  if (why === 'noPlace') return `${name}: this kitchen has no such place to heat it.`;
  if (why === 'discard') return `${name}: it is to be thrown away.`;
  if (why === 'ageUnknown' && planned?.kind !== 'cooked')
    return `${name}: nobody knows how old it is. Say on its own page when it was cooked.`;
  const words = obstacleWords(
    { obstacle: { why, byMs }, soonestServeAt: null, cookStartAt: serveAt },
    now,
    zone,
  );
  return `${name}: ${words}`;
}
