import type { CookTarget, RuleSet } from '../guidance';
import { missingPlaces, placesOf, placesStanding, type PlaceStanding, type PlacesNeeded } from '../clocks';
import type { ProbePlace } from '../record';
import { goalOf, needsOf } from './cookReadings';
import type { FoodState } from './state';

/** How the cook of a food stands: what it has to reach, every place read, and what is still to be read. */
export interface CookStanding {
  readonly target: CookTarget;
  readonly standings: readonly PlaceStanding[];
  readonly needed: PlacesNeeded;
  /** How many places are still to be read. */
  readonly missing: number;
  /** Where to read next: what is not at the target yet, else what nobody has read; null once all is done. */
  readonly next: ProbePlace | null;
}

/** @returns null for food that has not been on the heat, or has nothing to reach */
export function cookStanding(state: FoodState, rules: RuleSet): CookStanding | null {
  const target = goalOf(state, rules);
  if (!state.cook || !target) return null;
  const standings = placesStanding(state.cook.readings, target);
  const needed = needsOf(state, rules);
  const missing = missingPlaces(standings, needed);
  const low = standings.find(({ passed }) => !passed)?.place;
  return {
    target,
    standings,
    needed,
    missing,
    next: low ?? (missing > 0 ? nextUnread(state, standings) : null),
  };
}

/** The first place of the form that nobody has read; a stuffing once two others are. */
function nextUnread(state: FoodState, standings: readonly PlaceStanding[]): ProbePlace {
  const read = new Set(standings.map(({ place }) => place));
  const open = placesOf(state).filter((place) => !read.has(place));
  const next = open.includes('stuffing') && read.size > 1 ? 'stuffing' : open[0];
  return next ?? placesOf(state)[0]!;
}
