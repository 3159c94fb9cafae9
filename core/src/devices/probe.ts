import type { RuleSet } from '../guidance';
import { kelvinOf, MINUTE_MS } from '../units';
import type { Read } from './thin';

/** What a probe in food may be up to. */
export type ProbeState =
  /** It follows the food. */
  | 'follows'
  /** It moved as no food can: pulled out, on the bone, or on the pan. */
  | 'jumped';

/** What of a probe's readings counts, and what it does now. */
export interface Watched {
  /** Readings that were steady, and that the food can have had. */
  readonly steady: readonly Read[];
  readonly state: ProbeState;
}

/** What noise and a tip's own lag may add to a food's own rise, K. */
const NOISE_K = 2;
/** A probe that was out is back where its food would be by now, so near, K. */
const BACK_K = 4;
/** A food's rise is taken from so long before. */
const RISE_OVER_MS = 5 * MINUTE_MS;

/**
 * Watches a live probe: a reading counts when the time before it spans no more than the rule says, and when the food can have got there.
 * What leaps further is no food; it counts again once it reads about what the food would have reached.
 *
 * @param readings of one channel, in the order of time
 * @param steepestKs how fast the food can warm or cool at the very most, K/s
 */
export function watchProbe(readings: readonly Read[], steepestKs: number, { thermometer }: RuleSet): Watched {
  const steadyMs = thermometer.steadyFor.value.ms;
  const { degrees, unit } = thermometer.steadySpan.value;
  const spanK = kelvinOf(degrees, unit);
  const [steady, inFood]: [Read[], Read[]] = [[], []];
  /** The furthest it got from the food since it leapt; null while it follows. */
  let leaptTo: Read | null = null;
  readings.forEach((reading, i) => {
    const trusted = inFood.at(-1);
    const isStill = isSteady(readings, i, steadyMs, spanK);
    const counts =
      !trusted ||
      (leaptTo ? isStill && isBack(reading, leaptTo, inFood) : canFollow(reading, trusted, steepestKs));
    if (!counts) {
      if (!leaptTo || apartK(reading, trusted) > apartK(leaptTo, trusted)) leaptTo = reading;
      return;
    }
    leaptTo = null;
    inFood.push(reading);
    if (isStill) steady.push(reading);
  });
  return { steady, state: leaptTo ? 'jumped' : 'follows' };
}

const apartK = (a: Read, b: Read): number => Math.abs(a.celsius - b.celsius);

const canFollow = (reading: Read, trusted: Read, steepestKs: number): boolean =>
  apartK(reading, trusted) <= NOISE_K + (steepestKs * (reading.at - trusted.at)) / 1000;

/** Whether it came back most of the way it leapt, and about to where the food's rise would have brought it. */
function isBack(reading: Read, leaptTo: Read, inFood: readonly Read[]): boolean {
  const trusted = inFood.at(-1)!;
  const risen = (riseOf(inFood) * (reading.at - trusted.at)) / 1000;
  const off = Math.abs(reading.celsius - trusted.celsius - risen);
  const returned = apartK(reading, leaptTo) > apartK(leaptTo, trusted) / 2;
  // A leap as small as that may have been the food's own.
  return (returned || apartK(leaptTo, trusted) <= BACK_K) && off <= BACK_K + Math.abs(risen) / 2;
}

/** How fast the food warmed of late, K/s. */
function riseOf(inFood: readonly Read[]): number {
  const last = inFood.at(-1)!;
  const before = inFood.findLast(({ at }) => at <= last.at - RISE_OVER_MS) ?? inFood[0]!;
  return last.at > before.at ? ((last.celsius - before.celsius) / (last.at - before.at)) * 1000 : 0;
}

/** Whether a reading's own time before it spans little; of one that comes seldom, the step from the one before. */
function isSteady(readings: readonly Read[], i: number, steadyMs: number, spanK: number): boolean {
  const { at, celsius } = readings[i]!;
  let [low, high, k] = [celsius, celsius, i];
  while (k > 0 && readings[k - 1]!.at >= at - steadyMs) {
    k -= 1;
    low = Math.min(low, readings[k]!.celsius);
    high = Math.max(high, readings[k]!.celsius);
  }
  const before = readings[k - 1];
  // It was watched for as long, or it is its first.
  if (!before) return false;
  if (k < i) return high - low <= spanK;
  return Math.abs(celsius - before.celsius) <= (spanK * (at - before.at)) / steadyMs;
}

/** A food is told at least so often what its probe reads. */
const TOLD_EVERY_MS = 5 * MINUTE_MS;

/**
 * The readings a food is told: the first, one as often as every few minutes, and the first on the other side of any limit.
 *
 * @param limits °C, in order
 */
export function readingsToTell(steady: readonly Read[], limits: readonly number[]): readonly Read[] {
  const sideOf = (celsius: number) => limits.filter((limit) => celsius >= limit).length;
  const told: Read[] = [];
  for (const reading of steady) {
    const last = told.at(-1);
    if (!last || reading.at - last.at >= TOLD_EVERY_MS || sideOf(reading.celsius) !== sideOf(last.celsius))
      told.push(reading);
  }
  return told;
}
