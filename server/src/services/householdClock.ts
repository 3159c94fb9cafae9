import type { WallClock } from '../clock';
import type { HouseholdRow } from '../repositories/households';

/** The time as a household has it: its own start and what it was moved ahead, counted on the wall clock. */
export function householdNow(household: HouseholdRow, wall: WallClock): number {
  return wall.now() + household.clockStartMs + household.clockAheadMs;
}
