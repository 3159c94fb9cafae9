import { placeRead, placesOf, runningExposure, type TrailReading } from '../clocks';
import type { RuleSet } from '../guidance';
import { probePlaces, type HoldingDuty, type Payload, type ProbePlace } from '../record';
import { isAtLeast, isAtMost } from '../units';
import type { FoodState } from './state';

export type Kept = 'hot' | 'cold';

/** How many places a check of food that is kept hot or cold is read in (guidance §1). */
const PLACES = 2;

/** Whether a food is kept hot, done on the heat, or cold, on ice; null elsewhere. */
export const keptAs = ({ place, cooked, cook }: Pick<FoodState, 'place' | 'cooked' | 'cook'>): Kept | null =>
  place === 'ice' ? 'cold' : place === 'heat' && cooked && cook && cook.metAt !== null ? 'hot' : null;

/** Until when a cold food on ice is taken for cold without another reading, epoch ms; null where it is not held so. */
export function coldCheckBy(state: FoodState, { holding }: RuleSet): number | null {
  if (keptAs(state) !== 'cold' || runningExposure(state.exposures)) return null;
  return Math.max(state.placeSince, state.lastGood?.at ?? 0) + holding.coldCheck.value.ms;
}

/** Until when a food that is kept hot or cold is read again, epoch ms; null for one that is not, or that has a clock already. */
export function checkBy(state: FoodState, rules: RuleSet): number | null {
  if (keptAs(state) !== 'hot') return coldCheckBy(state, rules);
  if (runningExposure(state.exposures)) return null;
  const { cook, lastGood } = state;
  return Math.max(cook!.metAt!, cook!.onHeatSince ?? 0, lastGood?.at ?? 0) + rules.holding.hotCheck.value.ms;
}

/** The places that last read other than they should: too warm, or too cold for what is kept hot. */
export const placesOff = ({ held }: FoodState): readonly ProbePlace[] =>
  probePlaces.filter((place) => held?.read[place]?.isRight === false);

/** Takes a reading of food that is kept hot or cold into what its check found. */
export function withHeld(
  state: FoodState,
  reading: TrailReading,
  said: Payload<'reading'>,
  { bands }: RuleSet,
): FoodState {
  const kept = keptAs(state);
  // What made it done is no check of how it is kept.
  if (kept === null || (kept === 'hot' && reading.at <= state.cook!.metAt!)) return state;
  const isRight =
    kept === 'hot'
      ? isAtLeast(reading.temperature, bands.hotHolding.value.at)
      : isAtMost(reading.temperature, bands.refrigerator.value.at);
  const before = state.held ?? { read: {}, right: {}, seenTo: {}, checked: kept === 'cold' };
  const place = placeRead(state, said.place);
  return {
    ...state,
    held: {
      read: { ...before.read, [place]: { ...reading, isRight } },
      right: isRight ? { ...before.right, [place]: reading } : before.right,
      seenTo: { ...before.seenTo, ...said.seenTo },
      checked: before.checked || said.seenTo !== undefined,
    },
  };
}

/** How the places stand of a food that is kept hot or cold: what was read of each, and which to read next for a whole check. */
export interface KeptStanding {
  readonly standings: readonly {
    readonly place: ProbePlace;
    readonly latest: TrailReading;
    /** Hot or cold enough. */
    readonly passed: boolean;
  }[];
  readonly next: ProbePlace | null;
}

/** @param now epoch ms: what was read longer ago than a check lasts is to be read again */
export function keptStanding(state: FoodState, kept: Kept, now: number, rules: RuleSet): KeptStanding {
  const { read = {} } = state.held ?? {};
  const since = now - checkMs(kept, rules);
  const standings = probePlaces.flatMap((place) => {
    const latest = read[place];
    return latest && latest.at >= since ? [{ place, latest, passed: latest.isRight }] : [];
  });
  const off = standings.find(({ passed }) => !passed)?.place;
  const open = placesOf(state).find((place) => standings.every((each) => each.place !== place));
  return { standings, next: off ?? (standings.length < PLACES ? (open ?? 'anotherPiece') : null) };
}

const checkMs = (kept: Kept, { holding }: RuleSet): number =>
  (kept === 'hot' ? holding.hotCheck : holding.coldCheck).value.ms;

/** What is still to be done for a whole check of food that is kept hot or cold. */
export interface CheckLeft {
  /** How many places are to be read besides. */
  readonly places: number;
  /** What was found undone. */
  readonly undone: readonly HoldingDuty[];
}

/**
 * What the check of a food that is kept hot or cold still wants.
 *
 * @param now epoch ms: what was read longer ago than a check lasts is to be read again
 */
export function checkLeft(state: FoodState, kept: Kept, now: number, rules: RuleSet): CheckLeft {
  const { seenTo = {} } = state.held ?? {};
  const { standings } = keptStanding(state, kept, now, rules);
  return {
    places: Math.max(0, PLACES - standings.length),
    undone: (Object.keys(seenTo) as HoldingDuty[]).filter((duty) => seenTo[duty] === false),
  };
}
