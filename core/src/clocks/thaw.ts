import { thawTime, widened, type RuleSet, type Span } from '../guidance';
import { isAbove, type Temperature } from '../units';
import type { Payload, Place } from '../record';
import { pausedMs, pausesUntil, type Pause } from './pauses';
import type { TrailReading } from './reading';

/** How a thaw stands. */
export interface ThawState {
  readonly method: 'refrigerator' | 'coldWater' | 'microwave';
  readonly startedAt: number;
  readonly lastChangeAt: number;
  readonly changes: number;
  /** The water runs, and wants no changes. */
  readonly running: boolean;
  /** The warmest the water was read. */
  readonly water: Temperature | null;
  /** The last cold reading of its outside in the water; the clock there starts no earlier. */
  readonly surface: TrailReading | null;
  /** When its outside was found warm in the water, by the line of its readings. */
  readonly warmFrom: number | null;
  /** Days it had used up raw before it was frozen, in ms. */
  readonly usedMs: number;
  /** How long it had been kept thawed before it was frozen again, in ms. */
  readonly keptMs: number;
  /** When it was found thawed; null until then. */
  readonly thawedAt: number | null;
  /** When it left the water or the microwave: it is cooked at once. */
  readonly atOnceFrom: number | null;
}

/** A thaw that has only begun. */
export const newThaw = (
  method: ThawState['method'],
  at: number,
  more: Partial<ThawState> = {},
): ThawState => ({
  method,
  startedAt: at,
  lastChangeAt: at,
  changes: 0,
  running: false,
  water: null,
  surface: null,
  warmFrom: null,
  usedMs: 0,
  keptMs: 0,
  thawedAt: null,
  atOnceFrom: null,
  ...more,
});

/** Since when the days of a food count, and when they did not. */
interface Aged {
  readonly thaw: ThawState | null;
  readonly frozenSince: number | null;
  readonly daysFrom: number | null;
  readonly pauses: readonly Pause[];
}

/** How many of its days raw food had used up before it was frozen, ms; none where nobody knows since when they count. */
export function usedBeforeFreezing({ thaw, frozenSince, daysFrom, pauses }: Aged): number {
  if (thaw) return thaw.usedMs;
  if (frozenSince === null || daysFrom === null) return 0;
  const frozen = Math.max(frozenSince, pauses.at(-1)?.to ?? 0);
  return Math.max(0, frozen - daysFrom - pausedMs(pausesUntil({ pauses, frozenSince }, frozen)));
}

/** It is found thawed: in water or by microwave, out of it. */
export function foundThawed(thaw: ThawState, at: number): ThawState {
  return { ...leftMethod(thaw, at), thawedAt: at };
}

/** It leaves the water or the microwave, thawed or not. */
export function leftMethod(thaw: ThawState, at: number): ThawState {
  return thaw.method === 'refrigerator' ? thaw : { ...thaw, atOnceFrom: thaw.atOnceFrom ?? at };
}

/**
 * When the water of a cold-water thaw is due to be changed, or null when the food is not in water that stands.
 *
 * @returns epoch ms
 */
export function waterDueAt(
  { thaw, place }: { readonly thaw: ThawState | null; readonly place: Place },
  rules: RuleSet,
): number | null {
  if (thaw?.method !== 'coldWater' || place !== 'water' || thaw.running) return null;
  return thaw.lastChangeAt + rules.thawing.waterChange.value.ms;
}

/** Why water is no method of a school's, if it is not. */
export type WaterFault = 'still' | 'warm' | 'long';

/** What is wrong with a thaw in water at a moment (guidance §2, §11.25). */
export function waterFault(thaw: ThawState, at: number, { thawing }: RuleSet): WaterFault | null {
  if (thawing.waterRunning.value.yes && !thaw.running) return 'still';
  if (thaw.water && isAbove(thaw.water, thawing.waterTemperature.value.at)) return 'warm';
  return at > thaw.startedAt + thawing.waterMost.value.ms ? 'long' : null;
}

/** What a thaw takes its time by: the weight, and what was computed when it was planned. */
export interface Weighed {
  readonly massKg: number;
  readonly plan: Payload<'planned'> | null;
  /** Of what was put together the part that thaws first, kg. */
  readonly firstThawedKg?: number | null;
}

/**
 * How long a thaw in the refrigerator takes: by the rule, widened by what heat transfer said when the plan was made. It
 * ends no sooner than the rule, and the clock after it starts no later.
 */
export function refrigeratorThaw({ massKg, plan, firstThawedKg }: Weighed, rules: RuleSet): Span {
  const timeOf = (kg: number) => thawTime(rules.thawing.refrigerator.value, kg);
  const span = { ...timeOf(massKg), fastMs: timeOf(firstThawedKg ?? massKg).fastMs };
  return widened(span, plan?.computedThaw?.refrigerator);
}
