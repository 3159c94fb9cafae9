import type { DishObstacle } from '@omtel/core/dishes';
import { careFor } from '@omtel/core/meal';
import { obstacleWords } from '@omtel/core/plan';
import type { MealPayload } from '@omtel/core/record';
import { namesOf, type Eater } from '@omtel/core/table';
import { formatDurationUp, formatLength, formatVolumeUp, type UnitSystem } from '@omtel/core/units';

interface Told {
  readonly now: number;
  readonly zone: string;
  readonly units: UnitSystem;
  /** Who eats here. */
  readonly table: readonly Eater[];
}

/** Why a dish cannot be made like this, whatever the schedule. */
export function obstacleSaid(
  { dish, why, byMs, needs = null }: DishObstacle,
  { dishes, serveAt, without }: MealPayload<'mealPlanned'>,
  { now, zone, units, table }: Told,
): string {
  const planned = dishes.find(({ id }) => id === dish);
  const name = planned?.name ?? '';
  const inCare = planned ? namesOf(careFor({ without }, planned, table)) : '';
  switch (why) {
    case 'noPlace':
      return `${name}: this kitchen has no such place to heat or to hold it.`;
    case 'tooSlow':
      return planned?.kind === 'reheated'
        ? `${name}: a slow cooker heats nothing through that was cooked before. Hob, oven or microwave.`
        : `${name}: frozen food never goes into a slow cooker. Thaw it first.`;
    case 'discard':
      // Others may eat it, or nobody: its own page says which.
      return inCare
        ? `${name}: it is not for ${inCare}, who would eat of it.`
        : `${name}: it is to be thrown away.`;
    case 'tooWide':
      return `${name}: about ${formatLength(Math.round(needs! * 100) / 100, units)} long, and no oven here takes that.`;
    case 'potTooSmall':
      return `${name}: it wants a pot of ${formatVolumeUp(needs!, units)}, with room to boil. Cook it in two.`;
    case 'noRoomToThaw':
      return `${name}: no room to thaw it in the refrigerator; what thaws there takes ${formatVolumeUp(needs!, units)} in all.`;
    case 'sourceGone':
      return `${name}: the meal it was to be left over from is not planned any more, or has it not.`;
    case 'notKept':
      return `${name}: nothing of it is kept after that meal.`;
    case 'notYet':
      return `${name}: it is left over only after this, by ${formatDurationUp(byMs!)}.`;
    case 'nobodyMay':
      return `${name}: no cook here may handle raw poultry.`;
  }
  if (why === 'ageUnknown' && planned?.kind !== 'cooked')
    return `${name}: nobody knows how old it is. Say on its own page when it was cooked.`;
  const words = obstacleWords(
    { obstacle: { why, byMs }, soonestServeAt: null, cookStartAt: serveAt },
    now,
    zone,
  );
  return `${name}: ${words}`;
}
