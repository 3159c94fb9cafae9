import { compareTemperatures, toCelsius, type Temperature } from '../units';
import type { Place } from './events';
import type { TrailReading } from './state';

/** The two ledgers of band time: raw (shop to cook) and cooked (first full cook to eaten). */
export type Ledger = 'raw' | 'cooked';

/** A stretch of time in the growth band, or one that must be taken for it. */
export interface Exposure {
  readonly ledger: Ledger;
  readonly from: number;
  /** null while it runs. */
  readonly to: number | null;
  /** How often each minute counts: twice in warm air. */
  readonly factor: number;
  readonly place: Place;
  /** Whether the food came into the band from above or from below. */
  readonly side: 'hot' | 'cold';
  /** It came out of the cold, even if it had not cooled there yet. */
  readonly fromCold?: true;
  /** Once a reading inside the band has fixed the start, no later reading moves it. */
  readonly startFixed: boolean;
  /** False where only a missing fact makes it count; such time can lead to "cannot tell", not to "discard". */
  readonly certain: boolean;
  /** Too late to go back into the cold: it counts until the food is used, wherever it is put. */
  readonly runsOn?: true;
  /** The food was read warm in the cold: only a cold reading says that it is better for being put back. */
  readonly readWarm?: true;
  /** It runs because the store cannot be relied on, its air or its power; the food itself has not been read. */
  readonly spell?: 'air' | 'power';
  /** While it was carried in an insulated bag, which may have kept it cold. */
  readonly bag?: true;
}

export interface BandTime {
  readonly certainMs: number;
  readonly allMs: number;
  /** How often a minute counts at present; null when no clock runs. */
  readonly runningFactor: number | null;
}

/**
 * Adds up a ledger at a moment. Minutes in warm air count by the rule's factor.
 *
 * @param now epoch ms; stretches still running are counted up to it
 */
export function bandTime(exposures: readonly Exposure[], ledger: Ledger, now: number): BandTime {
  let certainMs = 0;
  let allMs = 0;
  let runningFactor: number | null = null;
  for (const exposure of exposures) {
    if (exposure.ledger !== ledger) continue;
    const counted = Math.max(0, Math.min(exposure.to ?? now, now) - exposure.from) * exposure.factor;
    allMs += counted;
    if (exposure.certain) certainMs += counted;
    if (exposure.to === null) runningFactor = Math.max(runningFactor ?? 0, exposure.factor);
  }
  return { certainMs, allMs, runningFactor };
}

/**
 * When a ledger runs out if nothing changes, or null while no clock runs on it.
 *
 * @returns epoch ms; in the past when it has run out
 */
export function bandEndsAt(
  exposures: readonly Exposure[],
  ledger: Ledger,
  now: number,
  limitMs: number,
): number | null {
  const { allMs, runningFactor } = bandTime(exposures, ledger, now);
  if (runningFactor === null) return null;
  const own = exposures.filter((each) => each.ledger === ledger && endOf(each) > now);
  const edges = own.flatMap((each) => [each.from, endOf(each)]).filter((edge) => edge > now);
  let at = now;
  let left = limitMs - allMs;
  for (const edge of edges.sort((a, b) => a - b)) {
    const here = at;
    const rate = own
      .filter((each) => each.from <= here && endOf(each) > here)
      .reduce((sum, { factor }) => sum + factor, 0);
    const most = rate && rate * (edge - at);
    if (left <= most) return at + Math.floor(left / rate);
    left -= most;
    at = edge;
  }
  return null;
}

const endOf = ({ to }: Exposure): number => to ?? Infinity;

/**
 * Why the stretches that run come to an end: the food went into the cold, it is known to be out of the growth band, or it
 * was used. What is too late to chill runs on until it is used; what was read warm in the cold until it is read cold.
 */
export type Ending = 'chilled' | 'settled' | 'used';

/** Ends the stretches that run, as far as the ending goes. What would have begun later never does. */
export function closeExposure(
  exposures: readonly Exposure[],
  at: number,
  ending: Ending,
): readonly Exposure[] {
  const goesOn = ({ to, runsOn, readWarm }: Exposure) =>
    to === null && ending !== 'used' && (runsOn || (readWarm && ending === 'chilled'));
  return exposures
    .filter(({ bag, from }) => !bag || from <= at)
    .map((each) =>
      (each.to ?? Infinity) > at && !goesOn(each) ? { ...each, to: Math.max(at, each.from) } : each,
    );
}

/** The stretch that runs, if one does. */
export function runningExposure(exposures: readonly Exposure[]): Exposure | undefined {
  return exposures.find(({ to }) => to === null);
}

/** Moves the start of the stretch that runs, for good when a reading inside the band has fixed it. */
export function restartExposure(
  exposures: readonly Exposure[],
  from: number,
  startFixed: boolean,
): readonly Exposure[] {
  return exposures.map((exposure) => (exposure.to === null ? { ...exposure, from, startFixed } : exposure));
}

/**
 * Leaves out the stretches that led to a moment without a break and that no reading has fixed: what came from the cold and
 * is cold yet was so all the way. A gap nobody can account for stays, since it may have been warm and chilled again.
 */
export function withoutWayHere(exposures: readonly Exposure[], from: number): readonly Exposure[] {
  const before = exposures.find(
    ({ to, side, startFixed, certain, bag }) =>
      to === from && side === 'cold' && !startFixed && (certain || bag),
  );
  return before
    ? withoutWayHere(
        exposures.filter((each) => each !== before),
        before.from,
      )
    : exposures;
}

/** Begins a stretch. */
export function openExposure(
  exposures: readonly Exposure[],
  start: Pick<Exposure, 'ledger' | 'from' | 'place' | 'side'> & Partial<Exposure>,
): readonly Exposure[] {
  return [...exposures, { to: null, factor: 1, startFixed: false, certain: true, ...start }];
}

/**
 * When food crossed a limit between two readings: by a straight line between them when they are no further apart than
 * the rule's own limit, otherwise at the earlier, good one (guidance §11.3).
 *
 * @param good the last reading on the safe side
 * @param now the first reading on the other side
 */
export function crossing(
  good: TrailReading,
  now: TrailReading,
  limit: Temperature,
  withinMs: number,
): number {
  if (now.at - good.at > withinMs || compareTemperatures(good.temperature, now.temperature) === 0)
    return good.at;
  const [a, b, c] = [good.temperature, now.temperature, limit].map(toCelsius) as [number, number, number];
  const share = Math.min(1, Math.max(0, (c - a) / (b - a)));
  return Math.floor(good.at + share * (now.at - good.at));
}
