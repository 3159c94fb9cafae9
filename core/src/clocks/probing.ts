import { foodById, type FormId } from '../foods';
import type { CookTarget, RuleSet } from '../guidance';
import { isAtLeast, toKilograms } from '../units';
import type { ProbePlace } from '../record';

/** Where a form is read, the place that lags most first: a reading that names no place was taken there. */
const PLACES: Record<FormId, readonly [ProbePlace, ...ProbePlace[]]> = {
  wholeBird: ['breast', 'thigh', 'wingJoint'],
  halfBird: ['breast', 'thigh', 'wingJoint'],
  boneInJoint: ['thickest', 'centre', 'edge'],
  bonelessJoint: ['thickest', 'centre', 'edge'],
  steak: ['thickest', 'anotherPiece'],
  pieces: ['thickest', 'anotherPiece'],
  fillet: ['thickest', 'edge'],
  wholeFish: ['thickest'],
  ground: ['centre', 'anotherPiece'],
  flatPack: ['centre'],
  dish: ['centre', 'edge'],
  liquid: ['centre', 'edge'],
  can: ['centre'],
};

const BIRDS: ReadonlySet<FormId> = new Set(['wholeBird', 'halfBird']);
const JOINTS: ReadonlySet<FormId> = new Set(['boneInJoint', 'bonelessJoint']);
const BREAD_STUFFING = 'bread-stuffing';

interface Shape {
  readonly foodKey: string;
  readonly parts: readonly string[];
  readonly form: FormId;
  readonly massKg: number;
}

/** Whether there is a stuffing in it, which is read as a place of its own. */
export function isStuffed({ foodKey, parts, form }: Omit<Shape, 'massKg'>): boolean {
  if ([foodKey, ...parts].some((id) => foodById(id).stuffed)) return true;
  return BIRDS.has(form) && parts.includes(BREAD_STUFFING);
}

/** The places a food is read in, the one that lags most first. */
export function placesOf(food: Omit<Shape, 'massKg'>): readonly ProbePlace[] {
  return isStuffed(food) ? [...PLACES[food.form], 'stuffing'] : PLACES[food.form];
}

/** The place a reading speaks of: the one that lags most where it names none, or no more than the thickest part. */
export function placeRead(food: Pick<Shape, 'form'>, place: ProbePlace | undefined): ProbePlace {
  const [first, ...others] = PLACES[food.form];
  return place === undefined || (place === 'thickest' && !others.includes(place)) ? first : place;
}

/** What has to be read before a cook can be called done (guidance §11.21). */
export interface PlacesNeeded {
  /** How many places, a stuffing not counted. */
  readonly count: number;
  readonly stuffing: boolean;
}

/** Birds, joints over the rule's weight and several pieces are read in two places, what is stuffed in its stuffing too. */
export function placesNeeded(food: Shape, { thermometer }: RuleSet): PlacesNeeded {
  const heavy = JOINTS.has(food.form) && food.massKg > toKilograms(thermometer.twoPlaces.value.mass);
  const two = heavy || BIRDS.has(food.form) || food.form === 'pieces';
  return { count: two ? 2 : 1, stuffing: isStuffed(food) };
}

/** A reading as it counts towards a target. */
export interface ProbeReading {
  readonly at: number;
  readonly temperature: Parameters<typeof isAtLeast>[0];
  readonly place: ProbePlace;
  /** Since when it had been on the heat without a break; null off the heat. */
  readonly onHeatSince: number | null;
  /** How long before it the thermometer had been watched to show no less, ms. */
  readonly watchedMs?: number;
}

/** How one place stands against a target. */
export interface PlaceStanding {
  readonly place: ProbePlace;
  readonly latest: ProbeReading;
  /** At the target by its readings, and held where the target is held. */
  readonly passed: boolean;
}

/**
 * How every place that was read stands. A place passes by one option of the target: on reaching it, or on the heat at or
 * above it for its full time, between readings no further apart than that time. A lower reading on the heat undoes the
 * place; off the heat, or unread for longer, a time begins anew (guidance §11.15, §11.21).
 *
 * @param readings in order of time
 */
export function placesStanding(
  readings: readonly ProbeReading[],
  { options }: CookTarget,
): readonly PlaceStanding[] {
  const byPlace = new Map<ProbePlace, ProbeReading[]>();
  for (const reading of readings) {
    if (reading.place === 'surface') continue;
    const own = byPlace.get(reading.place);
    if (own) own.push(reading);
    else byPlace.set(reading.place, [reading]);
  }
  return [...byPlace].map(([place, own]) => ({
    place,
    latest: own.at(-1)!,
    passed: options.some((option) => passes(own, option)),
  }));
}

/** A probe that is left in tells the same every second; more than this often nobody asks. */
const TOLD_EVERY_MS = 60 * 1000;

/**
 * Readings with one more. Of a row at one place that says the same of a target, within a minute or its shortest time, the
 * first and the last are kept: so the standing of every place is as with all of them, and a probe left in fills no log.
 *
 * @param readings in order of time
 * @param next the latest
 */
export function withReading(
  readings: readonly ProbeReading[],
  next: ProbeReading,
  target: CookTarget | null,
): readonly ProbeReading[] {
  const all = [...readings, next];
  if (!target) return all;
  const last = readings.findLastIndex(({ place }) => place === next.place);
  const first = readings.slice(0, Math.max(last, 0)).findLast(({ place }) => place === next.place);
  const middle = readings[last];
  if (!first || !middle) return all;
  const times = target.options.map(({ heldMs }) => heldMs).filter((heldMs) => heldMs > 0);
  const alike = [first, middle].every((each) => saysAsMuch(each, next, target));
  const near = next.at - first.at <= Math.min(TOLD_EVERY_MS, ...times);
  return alike && near ? [...readings.toSpliced(last, 1), next] : all;
}

/** Whether two readings say the same of a target: on one stay on the heat, and at or below each of its temperatures alike. */
const saysAsMuch = (a: ProbeReading, b: ProbeReading, { options }: CookTarget): boolean =>
  a.onHeatSince === b.onHeatSince &&
  a.watchedMs === undefined &&
  b.watchedMs === undefined &&
  options.every(({ at }) => isAtLeast(a.temperature, at) === isAtLeast(b.temperature, at));

function passes(readings: readonly ProbeReading[], { at, heldMs }: CookTarget['options'][number]): boolean {
  let since: number | null = null;
  let before: ProbeReading | null = null;
  let passed = false;
  for (const reading of readings) {
    const { onHeatSince, watchedMs = 0 } = reading;
    if (!isAtLeast(reading.temperature, at)) {
      since = null;
      // Off the heat what is done cools.
      if (onHeatSince !== null) passed = false;
    } else if (heldMs === 0) passed = true;
    else if (onHeatSince === null) since = null;
    else {
      const unbroken = before?.onHeatSince === onHeatSince && reading.at - before.at <= heldMs;
      if (since === null || !unbroken) since = Math.max(onHeatSince, reading.at - watchedMs);
      if (reading.at - since >= heldMs) passed = true;
    }
    before = reading;
  }
  return passed;
}

/** Whether the places read are all at the target and are those that are needed. */
export function isDone(standings: readonly PlaceStanding[], needed: PlacesNeeded): boolean {
  if (!standings.every(({ passed }) => passed)) return false;
  return missingPlaces(standings, needed) === 0;
}

/** How many places are still to be read. */
export function missingPlaces(
  standings: readonly PlaceStanding[],
  { count, stuffing }: PlacesNeeded,
): number {
  const read = standings.map(({ place }) => place);
  const others = read.filter((place) => place !== 'stuffing').length;
  return Math.max(0, count - others) + (stuffing && !read.includes('stuffing') ? 1 : 0);
}
